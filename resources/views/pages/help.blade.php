<x-layout title="Help">
    <h1>Help</h1>
    <p>What each rule and number means, why it is so, and where practitioners differ. The product supports your judgement; for pain, illness or bites ask a vet and a qualified behavior professional.</p>
    <form method="get" action="{{ route('help') }}" class="mb-3" role="search">
        <label class="form-label" for="q">Look for</label>
        <div class="d-flex gap-2"><input class="form-control" id="q" name="q" value="{{ $words }}" maxlength="100" hx-get="{{ route('help') }}" hx-trigger="input changed delay:250ms" hx-target="#help-entries" hx-swap="outerHTML"><button class="btn btn-outline-primary">Find</button></div>
    </form>
    @include('partials.help-entries')
</x-layout>
