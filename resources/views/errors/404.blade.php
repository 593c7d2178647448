<x-plain title="Not found">
    <p>There is nothing here, or it is not in your practice. Go back to <a href="/">Today</a>.</p>
</x-plain>
