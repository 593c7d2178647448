<x-layout :title="say('help.help.help')">
    <h1>{{ say('help.help.help') }}</h1>
    <p>{{ say('help.help.what_each_rule_and_number_means') }}</p>
    <form method="get" action="{{ route('help') }}" class="mb-3" role="search">
        <label class="form-label" for="q">{{ say('help.help.look_for') }}</label>
        <div class="d-flex gap-2"><input class="form-control" id="q" name="q" value="{{ $words }}" maxlength="100"
            hx-get="{{ route('help') }}" hx-trigger="input changed delay:250ms" hx-target="#help-entries" hx-swap="outerHTML"><button
            class="btn btn-outline-primary">{{ say('help.help.find') }}</button></div>
    </form>
    @if($isGuardian)<h2>{{ say('help.help.at_home') }}</h2><ol>@foreach($lines as $line)<li>{{ $line }}</li>@endforeach</ol>
    @else<details class="mb-3"><summary>{{ say('help.help.for_guardians') }}</summary><ol
        class="mt-2">@foreach($lines as $line)<li>{{ $line }}</li>@endforeach</ol></details>@endif
    @include('partials.help-entries')
</x-layout>
