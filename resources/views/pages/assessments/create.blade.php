@use('App\Assessment\Http\AssessmentRequest')
@use('Core\Exposure\PlanKind')
@use('Core\Sign\Band')
<x-layout :title="say('assessments.create.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('assessments.create.where_to_start') }}</h1>
    <nav class="mb-3 d-flex flex-wrap gap-2" aria-label="{{ say('assessments.create.what_is_assessed') }}">
        @foreach(PlanKind::cases() as $other)
            <a class="btn {{ $other === $kind ? 'btn-primary' : 'btn-outline-primary' }}"
                href="{{ route('assessments.create', [$dog, 'kind' => $other->value]) }}" @if($other === $kind) aria-current="page"
                @endif>{{ words()->capital(words()->label($other)) }}</a>
        @endforeach
    </nav>
    @if($kind === PlanKind::Presence)
        <p>{{ say('assessments.create.begin_far_away_farther_than_you',
            ['dog' => $dog->name]) }} <strong>{{ say('assessments.create.first') }}</strong> {{ say('assessments.create.asking_and_food_taken_easily_if') }}</p>
    @else
        <p>{{ say('assessments.create.choose_the_ladder_then_go_up') }}</p>
        <form method="get" action="{{ route('assessments.create', $dog) }}" class="row g-2 align-items-end mb-3">
            <input type="hidden" name="kind" value="{{ $kind->value }}">
            <div class="col-sm-8 col-lg-5"><label class="form-label mb-1" for="pick">{{ say('assessments.create.ladder') }}</label><select
                class="form-select" id="pick" name="template"><option
                value="">{{ say('assessments.create.choose') }}</option>@foreach($templates as $one)<option value="{{ $one->key }}"
                @selected($template?->key === $one->key)>{{ $one->label }}</option>@endforeach</select></div>
            <div class="col-auto"><button class="btn btn-primary">{{ say('assessments.create.show_its_steps') }}</button></div>
        </form>
    @endif
    <x-problems />
    @if($kind === PlanKind::Presence || $ladder)
        <form method="post" action="{{ route('assessments.store', $dog) }}">
            @csrf
            <input type="hidden" name="kind" value="{{ $kind->value }}">
            @if($template)<input type="hidden" name="template" value="{{ $template->key }}">@endif
            <div class="row">
                @if($triggers->isNotEmpty())<div class="col-md-6"><x-choice name="trigger_id"
                    :label="say('assessments.create.what_it_is_about')" :options="$triggers->pluck('name', 'id')"
                    :empty="say('assessments.create.new_thing')" :value="$triggers->first()->id" /></div>@endif
                <div class="col-md-6"><x-field name="trigger_name"
                    :label="say($triggers->isEmpty() ? 'assessments.create.what_it_is_about' : 'assessments.create.something_new')"
                    maxlength="120" /></div>
                <div class="col-md-6"><x-handler :label="say('assessments.create.handler')"
                    :options="$people->pluck('name', 'id')" :value="$people->firstWhere('user_id', auth()->id())?->id" /></div>
                <div class="col-md-6"><x-choice name="place_id" :label="say('assessments.create.place')"
                    :options="$places->pluck('name', 'id')" :empty="say('assessments.create.not_fixed')" /></div>
                @if($kind === PlanKind::Presence)<div class="col-md-6"><x-field name="reaction"
                    :label="say('assessments.create.has_reacted_at')" inputmode="decimal" :suffix="$unit->value"
                    :hint="say('assessments.create.as_told_or_as_seen_by')" /></div>@endif
            </div>
            <h2>{{ say('assessments.create.what_was_tried') }}</h2>
            @if($kind === PlanKind::Presence)
                <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('assessments.create.tests_at_distances') }}">
                    <table class="table align-middle">
                        <thead><tr><th scope="col">{{ say('assessments.create.distance', ['unit' => $unit->value]) }}</th><th
                            scope="col">{{ say('assessments.create.cue_at_the_first_asking') }}</th><th
                            scope="col">{{ say('assessments.create.food') }}</th><th
                            scope="col">{{ say('assessments.create.how_it_took_it') }}</th></tr></thead>
                        <tbody>
                        @for($i = 0; $i < AssessmentRequest::ROWS; $i++)
                            <tr>
                                <td><input class="form-control est" name="tried[{{ $i }}][distance]" inputmode="decimal"
                                    value="{{ typed("tried.{$i}.distance") }}"
                                    aria-label="{{ say('assessments.create.distance_of_test', ['i' => $i + 1]) }}"></td>
                                <td><select class="form-select" name="tried[{{ $i }}][cue]"
                                    aria-label="{{ say('assessments.create.cue_of_test', ['i' => $i + 1]) }}"><option
                                    value="">{{ say('assessments.create.not_asked') }}</option><option value="1"
                                    @selected(typed("tried.{$i}.cue") === '1')>{{ say('assessments.create.done_at_once') }}</option><option
                                    value="0" @selected(typed("tried.{$i}.cue") === '0')>{{ say('assessments.create.not_at_once') }}</option></select></td>
                                <td><select class="form-select" name="tried[{{ $i }}][food]"
                                    aria-label="{{ say('assessments.create.food_of_test', ['i' => $i + 1]) }}"><option
                                    value="">{{ say('assessments.create.not_offered') }}</option>@foreach(labels('assessments.food',
                                    ['gently', 'hard', 'refused']) as $key => $words)<option value="{{ $key }}"
                                    @selected(typed("tried.{$i}.food") === $key)>{{ $words }}</option>@endforeach</select></td>
                                <td><select class="form-select" name="tried[{{ $i }}][band]"
                                    aria-label="{{ say('assessments.create.band_of_test', ['i' => $i + 1]) }}"><option
                                    value="">{{ say('assessments.create.from_the_tests') }}</option>@foreach(Band::cases() as $band)<option
                                    value="{{ $band->value }}"
                                    @selected(typed("tried.{$i}.band") === (string) $band->value)>{{ words()->label($band) }}</option>@endforeach</select></td>
                            </tr>
                        @endfor
                        </tbody>
                    </table>
                </div>
            @else
                @php($unsaid = $ladder->shared())
                <ol class="list-unstyled">
                    @foreach($ladder->steps as $i => $step)
                        <li class="row g-2 align-items-center mb-2">
                            <div class="col-md-8"><label
                                for="t-{{ $i }}"><strong>{{ $i + 1 }}.</strong> {{ $step->manner->instruction }} <span
                                class="text-body-secondary">{{ words()->exposure($step->exposure, $catalog, $unsaid) }}</span></label></div>
                            <div class="col-md-4"><select class="form-select" id="t-{{ $i }}" name="tried[{{ $i }}][band]"><option
                                value="">{{ say('assessments.create.not_tried') }}</option>@foreach(labels('assessments.took',
                                [0, 1, 2, 3, 4]) as $key => $words)<option value="{{ $key }}"
                                @selected(typed("tried.{$i}.band") === (string) $key)>{{ $words }}</option>@endforeach</select></div>
                        </li>
                    @endforeach
                </ol>
            @endif
            <x-field name="note" :label="say('assessments.create.note')" maxlength="500" />
            <button class="btn btn-next">{{ say('assessments.create.propose_a_start') }}</button>
        </form>
    @endif
</x-layout>
