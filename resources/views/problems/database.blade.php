<x-plain title="The database cannot be reached just now">
    @if($typed === [])
        <p>Nothing is lost. Wait a moment and load the page again.</p>
        <p><a class="btn btn-next" href="{{ $action }}">Load again</a></p>
    @else
        <p>Nothing was stored, and nothing you typed is lost: it is all below. Wait a moment and send it again.</p>
        <form method="post" action="{{ $action }}">
            @csrf
            @foreach($typed as $name => $value)
                <div class="mb-2">
                    <label class="form-label mb-0" for="t-{{ $loop->index }}">{{ $name }}</label>
                    <input class="form-control" id="t-{{ $loop->index }}" name="{{ $name }}" value="{{ $value }}" readonly>
                </div>
            @endforeach
            <button class="btn btn-next">Send again</button>
        </form>
    @endif
</x-plain>
