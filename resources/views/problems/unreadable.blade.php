<x-plain title="This cannot be shown">
    <p>Something that is stored cannot be read: {{ $message }}</p>
    <p>Nothing was changed. Go back to <a href="/">Today</a>, and tell whoever looks after this installation.</p>
</x-plain>
