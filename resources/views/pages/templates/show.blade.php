@php($hasStrands = collect($steps)->contains(fn ($step) => $step->manner->strands !== []))
<x-layout :title="$template->label">
    <p class="mb-1"><a href="{{ route('templates.index') }}">{{ say('step_plans.show.templates') }}</a></p>
    <h1>{{ $template->label }}</h1>
    <x-problems />
    <p>{{ $template->about }}</p>
    <dl class="facts mb-3">
        <dt>{{ say('step_plans.show.method') }}</dt><dd>{{ words()->capital(say("methods.methods.{$template->method->key}.label")) }}. {{ say("methods.methods.{$template->method->key}.trial") }}</dd>
        <dt>{{ say('step_plans.show.first') }}</dt><dd>{{ collect([...array_map(fn ($skill) => $skill->key,
            $template->method->prerequisites),
            ...$template->prerequisites])->unique()->map(fn ($key) => say("methods.skills.{$key}.label"))->implode(', ') ?: say('step_plans.show.nothing') }}</dd>
        @if($cautions !== [])<dt>{{ say('step_plans.show.cautions') }}</dt><dd>@foreach($cautions as $caution)<strong>{{ $caution->title }}.</strong> {{ $caution->text }} @endforeach</dd>@endif
    </dl>
    <p class="d-flex flex-wrap gap-2">
        <a class="btn btn-outline-primary" href="{{ route('templates.export',
            $template->key) }}">{{ say('step_plans.show.export_as_json') }}</a>
        @if($own)
            @can('update', $own)
                <a class="btn btn-outline-primary" href="{{ route('templates.edit', $own->key) }}">{{ say('step_plans.show.edit') }}</a>
                <button class="btn btn-outline-secondary" form="take-out">{{ say('step_plans.show.take_it_out') }}</button>
            @endcan
        @endif
    </p>
    @if($own)<form id="take-out" method="post" action="{{ route('templates.destroy', $own->key) }}">@csrf @method('delete')</form>@endif
    <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('step_plans.show.steps_of_the_template') }}">
        <table class="table table-sm align-middle">
            <thead><tr><th scope="col">{{ say('step_plans.show.step') }}</th><th scope="col">{{ say('step_plans.show.what_to_do') }}</th><th
                scope="col">{{ say('step_plans.show.exposure') }}</th><th scope="col">{{ say('step_plans.show.move_on') }}</th><th
                scope="col">{{ say('step_plans.show.food_dog_who') }}</th><th
                scope="col">{{ say('step_plans.show.hands_eyes') }}</th>@if($hasStrands)<th
                scope="col">{{ say('step_plans.show.strands') }}</th>@endif</tr></thead>
            <tbody>
            @foreach($steps as $i => $step)
                <tr><th scope="row">{{ $i + 1 }}</th><td>{{ $step->manner->instruction }}</td>
                    <td>{{ $step->way === null ? words()->exposure(Core\Exposure\Exposure::of($step->values, $catalog), $catalog)
                        : say('step_plans.show.way', ['percent' => words()->formats->percent(100 * $step->way),
                        'setup' => words()->exposure(Core\Exposure\Exposure::of($step->values, $catalog), $catalog)]) }}</td>
                    <td>{{ words()->criterion($step->criterion) }}</td><td>{{ words()->label($step->manner->food) }}, {{ words()->label($step->manner->posture) }}, {{ words()->label($step->manner->who) }}</td><td>{{ $step->manner->hands }}, {{ $step->manner->eyes }}</td>@if($hasStrands)<td>{{ words()->strands($step->manner) }}</td>@endif</tr>
            @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
