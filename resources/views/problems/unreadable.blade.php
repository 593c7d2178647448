<x-plain :title="say('failures.unreadable.this_cannot_be_shown')">
    <p>{{ say('failures.unreadable.something_that_is_stored_cannot_be', ['message' => $message]) }}</p>
    <p>{{ say('failures.unreadable.nothing_was_changed_go_back_to') }} <a
        href="/">{{ say('failures.unreadable.today') }}</a>{{ say('failures.unreadable.and_tell_whoever_looks_after_this') }}</p>
</x-plain>
