<x-plain title="Something went wrong here">
    <p>The fault is ours, and it was written down. Go back and try again; trials that were logged are safe.</p>
</x-plain>
