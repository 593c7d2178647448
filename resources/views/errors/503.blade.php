<x-plain :title="say('failures.503.not_reachable_just_now')">
    <p>{{ say('failures.503.wait_a_moment_and_load_the') }}</p>
</x-plain>
