@use('Core\Field\HelperWord')
<x-home :title="say('helper.screen.with', ['dog' => $dog->name])">
    <div data-helper-screen="{{ $words }}" data-silent="{{ 1000 * HelperWord::SILENT_SECONDS }}" data-keep-words="{{ say('helper.screen.keep', ['distance' => '…']) }}"
        data-passes-path="{{ route('helper-screen.passes', $token, false) }}" data-words="{{ json_encode(labels('helper.words', array_column(HelperWord::cases(), 'value'))) }}">
        <h1 class="h5">{{ say('helper.screen.with', ['dog' => $dog->name]) }}</h1>
        <p class="helper-word" role="status" aria-live="assertive" data-word="stop">{{ say('helper.words.stop') }}</p>
        <p class="fw-bold" data-lost hidden>{{ say('helper.screen.lost') }}</p>
        <p class="lead" data-keep hidden></p>
        <ul>
            @if($dog->bite_history)<li><strong>{{ say('helper.screen.bitten') }}</strong></li>@endif
            <li>{{ say($helper->wears_muzzle ? 'helper.screen.muzzle' : 'helper.screen.no_muzzle') }}</li>
        </ul>
        <button type="button" class="btn btn-next w-100 mb-2" data-passed>{{ say('helper.screen.passed') }} · <span data-passes>{{ $passes }}</span></button>
        <div class="home-stop"><h2 class="h5 mt-0">{{ say('helper.screen.loose') }}</h2><p class="mb-0">{{ say('helper.screen.loose_about') }}</p></div>
        @if($phone)<p class="mt-2"><a href="tel:{{ $phone }}">{{ say('home.call', ['practice' => $practice, 'phone' => $phone]) }}</a></p>@endif
    </div>
</x-home>
