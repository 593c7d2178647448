<x-plain :title="say('failures.429.too_many_tries')">
    <p>{{ say('failures.429.wait_a_minute_then_try_again') }}</p>
</x-plain>
