@use('Core\Exposure\Exposure')
@use('Core\Template\Inclusion')
<x-layout :title="say('step_plans.edit.title', ['name' => $template->label])">
    <p class="mb-1"><a href="{{ route('templates.show', $own->key) }}">{{ $template->label }}</a></p>
    <h1>{{ say('step_plans.edit.edit_the_template') }}</h1>
    <p>{{ say('step_plans.edit.words_order_and_criteria_are_changed') }}</p>
    <x-problems />
    <form method="post" action="{{ route('templates.update', $own->key) }}">
        @csrf @method('put')
        <div class="col-lg-8">
            <x-field name="label" :label="say('step_plans.edit.name')" :value="$template->label" maxlength="120" required />
            <x-text name="about" :label="say('step_plans.edit.what_it_is_for')" :value="$template->about" maxlength="600" />
        </div>
        <ol class="list-unstyled">
            @foreach($template->items as $i => $item)
                <li class="row g-2 align-items-end mb-3">
                    <div class="col-4 col-md-1"><label class="form-label mb-0"
                        for="sp-{{ $i }}">{{ say('step_plans.edit.place') }}</label><input class="form-control" id="sp-{{ $i }}"
                        name="steps[{{ $i }}][place]" inputmode="numeric" value="{{ typed("steps.{$i}.place", $i + 1) }}"></div>
                    @if($item instanceof Inclusion)
                        <div class="col-md-8">{{ say('step_plans.edit.steps_to_of',
                            ['from' => $item->from, 'to' => $item->to, 'template' => $item->template]) }}</div>
                    @else
                        <div class="col-4 col-md-1"><label class="form-label mb-0"
                            for="sr-{{ $i }}">{{ say('step_plans.edit.run') }}</label><input class="form-control" id="sr-{{ $i }}"
                            name="steps[{{ $i }}][run]" inputmode="numeric"
                            value="{{ typed("steps.{$i}.run", $item->criterion->successes) }}"></div>
                        <div class="col-md-8"><label class="form-label mb-0"
                            for="sd-{{ $i }}">{{ $item->way === null ? words()->exposure(Exposure::of($item->values, $catalog), $catalog)
                            : say('step_plans.show.way', ['percent' => words()->formats->percent(100 * $item->way),
                            'setup' => words()->exposure(Exposure::of($item->values, $catalog), $catalog)]) }}</label><input
                            class="form-control" id="sd-{{ $i }}" name="steps[{{ $i }}][do]" maxlength="300"
                            value="{{ typed("steps.{$i}.do", $item->manner->instruction) }}"></div>
                    @endif
                    <div class="col-md-2"><div class="form-check"><input class="form-check-input" type="checkbox" id="so-{{ $i }}"
                        name="steps[{{ $i }}][out]" value="1"><label class="form-check-label"
                        for="so-{{ $i }}">{{ say('step_plans.edit.take_out') }}<span
                        class="visually-hidden"> {{ say('step_plans.edit.step', ['i' => $i + 1]) }}</span></label></div></div>
                </li>
            @endforeach
        </ol>
        <button class="btn btn-next">{{ say('step_plans.edit.keep_it') }}</button>
    </form>
</x-layout>
