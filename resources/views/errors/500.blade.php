<x-plain :title="say('failures.500.something_went_wrong_here')">
    <p>{{ say('failures.500.the_fault_is_ours_and_it') }}</p>
</x-plain>
