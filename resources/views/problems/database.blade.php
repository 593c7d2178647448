<x-plain :title="say('failures.database.the_database_cannot_be_reached_just')">
    @if($typed === [])
        <p>{{ say('failures.database.nothing_is_lost_wait_a_moment') }}</p>
        <p><a class="btn btn-next" href="{{ $action }}">{{ say('failures.database.load_again') }}</a></p>
    @else
        <p>{{ say('failures.database.nothing_was_stored_and_nothing_you') }}</p>
        <form method="post" action="{{ $action }}">
            @csrf
            @foreach($typed as $name => $value)
                <div class="mb-2">
                    <label class="form-label mb-0" for="t-{{ $loop->index }}">{{ $name }}</label>
                    <input class="form-control" id="t-{{ $loop->index }}" name="{{ $name }}" value="{{ $value }}" readonly>
                </div>
            @endforeach
            <button class="btn btn-next">{{ say('failures.database.send_again') }}</button>
        </form>
    @endif
</x-plain>
