@use('App\Http\Requests\AssessmentRequest')
@use('Core\Exposure\PlanKind')
@use('Core\Sign\Band')
<x-layout :title="'Assess '.$dog->name">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>Where to start</h1>
    <nav class="mb-3 d-flex flex-wrap gap-2" aria-label="What is assessed">
        @foreach(PlanKind::cases() as $other)
            <a class="btn {{ $other === $kind ? 'btn-primary' : 'btn-outline-primary' }}" href="{{ route('assessments.create', [$dog, 'kind' => $other->value]) }}" @if($other === $kind) aria-current="page" @endif>{{ ucfirst($other->label()) }}</a>
        @endforeach
    </nav>
    @if($kind === PlanKind::Presence)
        <p>Begin far away, farther than you think. Two quick tests tell whether {{ $dog->name }} is under threshold: a well-known cue at the <strong>first</strong> asking, and food taken easily. If either fails you are too close, before any bark. Overestimate: too far costs a minute, too close costs a week. Do not look for the place where it reacts.</p>
    @else
        <p>Choose the ladder, then go up its steps one at a time and stop at the first doubt: a look at the hand, a lean back, a closed mouth. The start lies one step under it, with a loose body. For an item it dislikes, start where there is no discomfort at all: on the floor, hands nowhere near.</p>
        <form method="get" action="{{ route('assessments.create', $dog) }}" class="row g-2 align-items-end mb-3">
            <input type="hidden" name="kind" value="{{ $kind->value }}">
            <div class="col-sm-8 col-lg-5"><label class="form-label mb-1" for="pick">Ladder</label><select class="form-select" id="pick" name="template"><option value="">choose</option>@foreach($templates as $one)<option value="{{ $one->key }}" @selected($template?->key === $one->key)>{{ $one->label }}</option>@endforeach</select></div>
            <div class="col-auto"><button class="btn btn-primary">Show its steps</button></div>
        </form>
    @endif
    <x-problems />
    @if($kind === PlanKind::Presence || $ladder)
        <form method="post" action="{{ route('assessments.store', $dog) }}">
            @csrf
            <input type="hidden" name="kind" value="{{ $kind->value }}">
            @if($template)<input type="hidden" name="template" value="{{ $template->key }}">@endif
            <div class="row">
                @if($triggers->isNotEmpty())<div class="col-md-6"><x-choice name="trigger_id" label="What it is about" :options="$triggers->pluck('name', 'id')" :empty="'something new (name it)'" :value="$triggers->first()->id" /></div>@endif
                <div class="col-md-6"><x-field name="trigger_name" :label="$triggers->isEmpty() ? 'What it is about' : 'Something new'" maxlength="120" /></div>
                <div class="col-md-6"><x-choice name="person_id" label="Handler" :options="$people->pluck('name', 'id')" :value="$people->firstWhere('user_id', auth()->id())?->id" /></div>
                <div class="col-md-6"><x-choice name="place_id" label="Place" :options="$places->pluck('name', 'id')" empty="not fixed" /></div>
                @if($kind === PlanKind::Presence)<div class="col-md-6"><x-field name="reaction" label="Has reacted at" inputmode="decimal" :suffix="$unit->value" hint="As told, or as seen by chance. Stated once; the model counts from it." /></div>@endif
            </div>
            <h2>What was tried</h2>
            @if($kind === PlanKind::Presence)
                <div class="table-responsive" tabindex="0" role="region" aria-label="Tests at distances">
                    <table class="table align-middle">
                        <thead><tr><th scope="col">Distance, {{ $unit->value }}</th><th scope="col">Cue at the first asking</th><th scope="col">Food</th><th scope="col">How it took it</th></tr></thead>
                        <tbody>
                        @for($i = 0; $i < AssessmentRequest::ROWS; $i++)
                            <tr>
                                <td><input class="form-control est" name="tried[{{ $i }}][distance]" inputmode="decimal" value="{{ old("tried.{$i}.distance") }}" aria-label="Distance of test {{ $i + 1 }}"></td>
                                <td><select class="form-select" name="tried[{{ $i }}][cue]" aria-label="Cue of test {{ $i + 1 }}"><option value="">not asked</option><option value="1" @selected(old("tried.{$i}.cue") === '1')>done at once</option><option value="0" @selected(old("tried.{$i}.cue") === '0')>not at once</option></select></td>
                                <td><select class="form-select" name="tried[{{ $i }}][food]" aria-label="Food of test {{ $i + 1 }}"><option value="">not offered</option>@foreach(['gently' => 'taken easily', 'hard' => 'snatched', 'refused' => 'refused'] as $key => $words)<option value="{{ $key }}" @selected(old("tried.{$i}.food") === $key)>{{ $words }}</option>@endforeach</select></td>
                                <td><select class="form-select" name="tried[{{ $i }}][band]" aria-label="Band of test {{ $i + 1 }}"><option value="">from the tests</option>@foreach(Band::cases() as $band)<option value="{{ $band->value }}" @selected(old("tried.{$i}.band") === (string) $band->value)>{{ $band->label() }}</option>@endforeach</select></td>
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
                            <div class="col-md-8"><label for="t-{{ $i }}"><strong>{{ $i + 1 }}.</strong> {{ $step->manner->instruction }} <span class="text-body-secondary">{{ $step->exposure->inWords($catalog, $unit, $unsaid) }}</span></label></div>
                            <div class="col-md-4"><select class="form-select" id="t-{{ $i }}" name="tried[{{ $i }}][band]"><option value="">not tried</option>@foreach(['0' => 'easy, loose body', '1' => 'noticed, still loose', '2' => 'a doubt', '3' => 'strain', '4' => 'has reacted here'] as $key => $words)<option value="{{ $key }}" @selected(old("tried.{$i}.band") === (string) $key)>{{ $words }}</option>@endforeach</select></div>
                        </li>
                    @endforeach
                </ol>
            @endif
            <x-field name="note" label="Note" maxlength="500" />
            <button class="btn btn-next">Propose a start</button>
        </form>
    @endif
</x-layout>
