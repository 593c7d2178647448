<x-plain title="Not yours to change">
    <p>{{ $exception->getMessage() ?: "Your role in this practice does not include this." }} Ask the owner of the practice if it should.</p>
</x-plain>
