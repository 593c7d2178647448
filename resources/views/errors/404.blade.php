<x-plain :title="say('failures.404.not_found')">
    <p>{{ say('failures.404.there_is_nothing_here_or_it') }} <a href="/">{{ say('failures.404.today') }}</a>.</p>
</x-plain>
