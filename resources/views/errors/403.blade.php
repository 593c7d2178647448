<x-plain :title="say('failures.403.not_yours_to_change')">
    <p>{{ say('failures.403.ask_the_owner_of_the_practice',
        ['include' => $exception->getMessage() ?: "Your role in this practice does not include this."]) }}</p>
</x-plain>
