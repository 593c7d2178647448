@can('end', $session)
    <form method="post" action="{{ route('sessions.end', $session) }}" class="{{ $class }}">
        @csrf
        <p class="form-text mt-0">Stop after a good one, or after one easy repetition and no more. Then something it loves.</p>
        <div class="row g-2">
            <div class="col-6"><label class="form-label mb-0" for="{{ $id }}-went">How it went</label><select class="form-select" id="{{ $id }}-went" name="went"><option value="">not said</option>@foreach(App\Http\Controllers\SessionEndController::WENT as $value => $words)<option value="{{ $value }}">{{ $words }}</option>@endforeach</select></div>
            <div class="col-6"><label class="form-label mb-0" for="{{ $id }}-loved">Something it loves</label><input class="form-control" id="{{ $id }}-loved" name="loved" maxlength="120" placeholder="tug, sniffing, belly rub"></div>
        </div>
        <label class="form-label" for="{{ $id }}">Note for the end <span class="text-body-secondary">(optional)</span></label>
        <input class="form-control mb-2" id="{{ $id }}" name="end_note" maxlength="500">
        <button class="btn {{ $next ? 'btn-outline-secondary' : 'btn-next' }} w-100">End the session</button>
    </form>
@endcan
