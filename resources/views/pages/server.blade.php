<x-plain :title="say('server.title')">
    @forelse($problems as $problem)
        <p><strong>{{ say("server.{$problem}") }}</strong></p>
    @empty
        <p>{{ say('server.all_is_well') }}</p>
    @endforelse
    <table class="table w-auto">
        <thead><tr><th scope="col">{{ say('server.what') }}</th><th scope="col">{{ say('server.now') }}</th></tr></thead>
        <tbody>
        @foreach($numbers as $name => [$value])
            <tr><th scope="row" class="fw-normal">{{ say("server.numbers.{$name}") }}</th><td>{{ match ($name) {
                'wheatear_database_up' => say($value === 1 ? 'server.yes' : 'server.no'),
                'wheatear_disk_free_share' => say('server.percent', ['percent' => (int) floor(100 * $value)]),
                default => $value,
            } }}</td></tr>
        @endforeach
        </tbody>
    </table>
</x-plain>
