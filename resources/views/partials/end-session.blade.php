@can('end', $session)
    <form method="post" action="{{ route('sessions.end', $session) }}" class="{{ $class }}">
        @csrf
        <p class="form-text mt-0">{{ say('sessions.end_session.stop_after_a_good_one_or') }}</p>
        <div class="row g-2">
            <div class="col-6"><label class="form-label mb-0"
                for="{{ $id }}-went">{{ say('sessions.end_session.how_it_went') }}</label><select class="form-select" id="{{ $id }}-went"
                name="went"><option value="">{{ say('sessions.end_session.not_said') }}</option>@foreach(options('went',
                App\Session\Http\SessionEndController::WENT) as $value => $words)<option
                value="{{ $value }}">{{ $words }}</option>@endforeach</select></div>
            <div class="col-6"><label class="form-label mb-0"
                for="{{ $id }}-loved">{{ say('sessions.end_session.something_it_loves') }}</label><input class="form-control"
                id="{{ $id }}-loved" name="loved" maxlength="120"
                placeholder="{{ say('sessions.end_session.tug_sniffing_belly_rub') }}"></div>
        </div>
        <label class="form-label" for="{{ $id }}">{{ say('sessions.end_session.note_for_the_end') }} <span
            class="text-body-secondary">{{ say('sessions.end_session.optional') }}</span></label>
        <input class="form-control mb-2" id="{{ $id }}" name="end_note" maxlength="500">
        <button class="btn {{ $next ? 'btn-outline-secondary'
            : 'btn-next' }} w-100">{{ say('sessions.end_session.end_the_session') }}</button>
    </form>
@endcan
