@use('App\Items\Phase')
@use('Core\Wearing\Movement')
@use('Core\Wearing\WearingSituation')
<x-layout :title="$item->name.': '.$item->dog->name" wide>
    @php($dog = $item->dog)
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ $item->name }} <span class="fw-normal text-body-secondary">{{ $item->kind->label() }}</span></h1>
    <x-problems />
    <div class="row g-4">
        <div class="col-lg-6">
            <h2 class="mt-0">On, worn, off</h2>
            <p>Three ladders, each walked by itself. Taking off is the hard one for some.</p>
            @foreach(Phase::cases() as $phase)
                <h3 class="h6 mb-1">{{ ucfirst($phase->label()) }}</h3>
                <ul class="mb-2">
                    @forelse($ladders[$phase->value] ?? [] as $row)
                        <li><a href="{{ route('plans.show', $row['plan']) }}">{{ $row['plan']->name }}</a>, {{ $row['plan']->responseModel->person->name }}: step {{ $row['held'] + 1 }} of {{ $row['steps'] }} held</li>
                    @empty
                        <li class="text-body-secondary">no plan yet @can('plan', $dog)<a href="{{ route('dogs.plans.create', [$dog, 'kind' => 'contact', 'item' => $item->id, 'phase' => $phase->value]) }}">make one<span class="visually-hidden"> for {{ $phase->label() }}</span></a>@endcan</li>
                    @endforelse
                </ul>
            @endforeach
            @if($item->kind->isWorn())
                <h2>Before it is used for real</h2>
                <p><strong>{{ $missing === 0 ? 'Nothing on this list is missing.' : "{$missing} of ".count($requirements).' still missing.' }}</strong> A list to think with: it certifies nothing.</p>
                <ul class="list-unstyled requirements">
                    @foreach($requirements as $one)<li class="mb-1"><span class="fw-bold" aria-hidden="true">{{ $one->isMet ? '✓' : '○' }}</span> {{ $one->asks }}: <strong>{{ $one->standing }}</strong><span class="visually-hidden">, {{ $one->isMet ? 'met' : 'missing' }}</span></li>@endforeach
                </ul>
            @endif
        </div>
        <div class="col-lg-6">
            @if($item->kind->isWorn())
                <h2 class="mt-0">Worn</h2>
                <p class="mb-2">Short, fed, busy; never alone in it; never in heat without room to pant.@if($dog->intake?->baseline) Without it {{ $dog->name }} moves so: “{{ $dog->intake->baseline }}”@endif</p>
                @if($isLessFree)<p class="flag">Moved less freely lately: check the fit before training on. <a href="{{ route('kit.show', $dog) }}">Fit</a>. New or sudden: vet first.</p>@endif
                <div class="minutes mb-3">
                    @foreach($minutes as $situation => $spent)
                        <span id="m-{{ $situation }}">{{ WearingSituation::from($situation)->label() }}</span><meter min="0" max="{{ max(1, max($minutes)) }}" value="{{ $spent }}" aria-labelledby="m-{{ $situation }}">{{ round($spent, 1) }}</meter><span>{{ round($spent, 1) }} min</span>
                    @endforeach
                </div>
                @can('train', $dog)
                    <form method="post" action="{{ route('wearings.store', $item) }}" class="card card-body mb-3">
                        @csrf
                        <h3 class="h5 mt-0">Log a wearing</h3>
                        <input type="hidden" name="uuid" value="{{ old('uuid', $uuid) }}">
                        <div class="row">
                            <div class="col-sm-6"><x-field name="minutes" label="Minutes" inputmode="decimal" required /></div>
                            <div class="col-sm-6"><x-choice name="person_id" label="With" :options="$people" :value="$own" /></div>
                            <div class="col-sm-6"><x-choice name="situation" label="Doing" :options="collect(WearingSituation::cases())->mapWithKeys(fn ($one) => [$one->value => $one->label()])" /></div>
                            <div class="col-sm-6"><x-choice name="movement" label="It moved" :options="collect(Movement::cases())->mapWithKeys(fn ($one) => [$one->value => $one->label()])" /></div>
                        </div>
                        <x-field name="wearing_note" label="Note" maxlength="300" />
                        <div><button class="btn btn-primary">Log it</button></div>
                    </form>
                @endcan
                @if($wearings->isNotEmpty())
                    <div class="table-responsive" tabindex="0" role="region" aria-label="Wearing log">
                        <table class="table table-sm table-narrow"><thead><tr><th scope="col">When</th><th scope="col">Minutes</th><th scope="col">Doing</th><th scope="col">Moved</th><th scope="col">With</th></tr></thead>
                            <tbody>@foreach($wearings as $one)<tr><td>{{ $one->started_at->setTimezone($zone)->format('M j, H:i') }}</td><td>{{ round($one->seconds / 60, 1) }}</td><td>{{ $one->situation->label() }}</td><td>{{ $one->movement->label() }}@if($one->note) ({{ $one->note }})@endif</td><td>{{ $one->person->name }}</td></tr>@endforeach</tbody>
                        </table>
                    </div>
                @endif
            @endif
            <h2>Fit</h2>
            <p>{{ $item->fit_checked_on ? 'Looked at on '.$item->fit_checked_on->format('F j, Y').'.' : 'Not looked at yet.' }} {{ $item->fit_note }} <a href="{{ route('kit.show', $dog) }}">Measure</a></p>
            @can('train', $dog)
                <form method="post" action="{{ route('items.update', $item) }}" class="row g-2 align-items-end">
                    @csrf @method('put')
                    <div class="col-sm-5"><x-field name="fit_checked_on" label="Looked at on" type="date" :value="now()->format('Y-m-d')" required /></div>
                    <div class="col-sm-7"><x-field name="fit_note" label="What it showed" maxlength="300" :hint="'It should show: '.$item->kind->fitAsks().'.'" /></div>
                    <div><button class="btn btn-outline-primary">Keep the look at the fit</button></div>
                </form>
            @endcan
        </div>
    </div>
</x-layout>
