<x-layout title="To place">
    <h1>To place</h1>
    <p>Trials that a device recorded and whose session could not be found. Nothing logged is lost: choose the session each belongs to, or dismiss it.</p>
    <x-problems />
    @if($unplaced->isEmpty())
        <p class="card card-body">Nothing waits here.</p>
    @endif
    @foreach($unplaced as $trial)
        <section class="card card-body mb-3" aria-label="Trial received {{ $trial->received_at->format('F j, H:i') }}">
            <p class="mb-1"><strong>{{ $trial->reason }}</strong> Received {{ $trial->received_at->setTimezone(auth()->user()->practice->time_zone)->format('F j, Y, H:i') }}.</p>
            <dl class="facts mb-2">
                @foreach(['distance', 'outcome', 'band', 'note'] as $field)
                    @if(is_scalar($trial->payload[$field] ?? null) && $trial->payload[$field] !== '')<dt>{{ $field }}</dt><dd>{{ Str::limit((string) $trial->payload[$field], 200) }}</dd>@endif
                @endforeach
            </dl>
            <div class="d-flex flex-wrap gap-2">
                <form method="post" action="{{ route('tray.place', $trial) }}" class="d-flex flex-wrap gap-2">
                    @csrf
                    <label class="visually-hidden" for="s-{{ $trial->id }}">Session</label>
                    <select class="form-select w-auto" id="s-{{ $trial->id }}" name="session_id">
                        @foreach($sessions as $session)
                            <option value="{{ $session->id }}">{{ $session->plan->responseModel->dog->name }}, {{ $session->plan->name }}, {{ $session->started_at->setTimezone(auth()->user()->practice->time_zone)->format('M j, H:i') }}</option>
                        @endforeach
                    </select>
                    <button class="btn btn-next">Place it here</button>
                </form>
                @can('create', App\Models\Dog::class)
                    <form method="post" action="{{ route('tray.destroy', $trial) }}">@csrf @method('delete')<button class="btn btn-outline-secondary">Dismiss</button></form>
                @endcan
            </div>
        </section>
    @endforeach
</x-layout>
