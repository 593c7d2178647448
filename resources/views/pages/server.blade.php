<x-plain :title="say('server.title')">
    @forelse($problems as $problem)
        <p><strong>{{ say("server.{$problem}") }}</strong></p>
    @empty
        <p>{{ say('server.all_is_well') }}</p>
    @endforelse
    <table class="table w-auto">
        <thead><tr><th scope="col">{{ say('server.what') }}</th><th scope="col">{{ say('server.now') }}</th></tr></thead>
        <tbody>
        @foreach($numbers as [$value, $what])
            <tr><th scope="row" class="fw-normal">{{ $what }}</th><td>{{ $value }}</td></tr>
        @endforeach
        </tbody>
    </table>
</x-plain>
