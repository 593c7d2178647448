<x-plain title="The page was open too long">
    <p>For safety the page has to be fresh. Go back, reload it, and send again; what you typed is still in the form.</p>
</x-plain>
