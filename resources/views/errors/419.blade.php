<x-plain :title="say('failures.419.the_page_was_open_too_long')">
    <p>{{ say('failures.419.for_safety_the_page_has_to') }}</p>
</x-plain>
