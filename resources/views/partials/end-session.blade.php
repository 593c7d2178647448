@can('end', $session)
    <form method="post" action="{{ route('sessions.end', $session) }}" class="{{ $class }}">
        @csrf
        <label class="form-label" for="{{ $id }}">Note for the end <span class="text-body-secondary">(optional)</span></label>
        <input class="form-control mb-2" id="{{ $id }}" name="end_note" maxlength="500">
        <button class="btn {{ $next ? 'btn-outline-secondary' : 'btn-next' }} w-100">End the session</button>
    </form>
@endcan
