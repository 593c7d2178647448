<x-plain title="Too many tries">
    <p>Wait a minute, then try again.</p>
</x-plain>
