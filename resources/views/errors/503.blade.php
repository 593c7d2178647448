<x-plain title="Not reachable just now">
    <p>Wait a moment and load the page again.</p>
</x-plain>
