@use('Core\Film\Agreement')
@use('Core\Film\Happening')
@php($kappa = $agreement->kappa())
@php($names = ['first' => $first->user->name, 'second' => $second->user->name])
@php($clock = fn (int $at): string => words()->formats->clock(intdiv($at, 1000)))
@php($told = fn ($one, ?string $of): string => $of === null ? say('film.agreement.nothing') : match (true) {
    $one->of === null => say("device.bands.{$of}"),
    $one->of instanceof Happening => say("film.happenings.{$of}"),
    default => say("film.states.{$one->of->value}.{$of}"),
})
<x-layout :title="say('film.agreement.title')">
    <p class="mb-1"><a href="{{ route('films.show', $film) }}">{{ $film->name }}</a></p>
    <h1>{{ say('film.agreement.title') }}</h1>
    <p>{{ say('film.agreement.graders', $names) }}</p>
    <ul class="fs-5">
        <li>{{ say('film.agreement.trials', ['both' => $agreement->trialsOfBoth(), 'same' => $agreement->sameBand()]) }}</li>
        @foreach(collect($agreement->bands)->groupBy(fn ($count, $pair) => (int) $pair[2] - (int) $pair[0], true)->filter(fn ($of, $apart) => $apart !== 0)->sortBy(fn ($of, $apart) => abs($apart)) as $apart => $of)
            <li>{{ say($apart < 0 ? 'film.agreement.milder' : 'film.agreement.stricter', ['count' => $of->sum(), 'apart' => abs($apart), 'second' => $names['second']]) }}</li>
        @endforeach
        @foreach(['first' => $agreement->onlyFirst, 'second' => $agreement->onlySecond] as $who => $count)
            @if($count > 0)<li>{{ say('film.agreement.only', ['count' => $count, 'name' => $names[$who]]) }}</li>@endif
        @endforeach
        @if($agreement->differsMost())<li>{{ say('film.agreement.most', ['part' => say("film.parts.{$agreement->differsMost()->value}")]) }}</li>@endif
    </ul>
    @if($kappa)
        @php($off = 1.96 * $kappa->standardError())
        <p>{{ say('film.agreement.kappa', ['kappa' => words()->formats->number($kappa->linear(), 2), 'low' => words()->formats->number(max(-1, $kappa->linear() - $off), 2), 'high' => words()->formats->number(min(1, $kappa->linear() + $off), 2)]) }}</p>
    @else
        <p>{{ say('film.agreement.too_few', ['least' => Agreement::LEAST_UNITS]) }}</p>
    @endif
    @if($agreement->parts !== [])
        <h2 class="h4">{{ say('film.agreement.parts') }}</h2>
        <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('film.agreement.parts') }}"><table class="table w-auto"><thead><tr><th scope="col">{{ say('film.agreement.part') }}</th><th scope="col">{{ say('film.agreement.seconds') }}</th><th scope="col">{{ say('film.agreement.same') }}</th></tr></thead>
            <tbody>@foreach($agreement->parts as $part => $of)<tr><th scope="row">{{ say("film.parts.{$part}") }}</th><td>{{ words()->formats->number($of['seconds']) }}</td><td>{{ words()->formats->number($of['same']) }}</td></tr>@endforeach</tbody></table></div>
    @endif
    @if($agreement->happenings !== [])
        <h2 class="h4">{{ say('film.agreement.happenings') }}</h2>
        <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('film.agreement.happenings') }}"><table class="table w-auto"><thead><tr><th scope="col">{{ say('film.agreement.what') }}</th><th scope="col">{{ say('film.agreement.both') }}</th>@foreach($names as $name)<th scope="col">{{ say('film.agreement.only_one', ['name' => $name]) }}</th>@endforeach</tr></thead>
            <tbody>@foreach($agreement->happenings as $what => $of)<tr><th scope="row">{{ say("film.happenings.{$what}") }}</th>@foreach($of as $count)<td>{{ words()->formats->number($count) }}</td>@endforeach</tr>@endforeach</tbody></table></div>
    @endif
    <h2>{{ say('film.agreement.largest') }}</h2>
    @if($differences === [])
        <p>{{ say('film.agreement.none') }}</p>
    @else
        <p>{{ say('film.agreement.largest_about', ['shown' => count($differences)]) }}</p>
    @endif
    @if($settled)<p>{{ say('film.agreement.is_settled', ['name' => $settled->user->name, 'day' => words()->formats->date($settled->changed_at)]) }}
        @foreach(['vtt', 'json'] as $format)<a href="{{ route('films.write', [$film, $settled, $format]) }}">{{ say("film.files.{$format}") }}</a> @endforeach</p>@endif
    @foreach($known as $name => $bias)<x-known-grader :$name :$bias />@endforeach
    <form method="post" action="{{ route('films.agreement', $film) }}">
        @csrf
        <ol class="list-group mb-3">
            @foreach($differences as $i => $one)
                <li class="list-group-item"><fieldset><legend class="fs-6 mb-1"><strong>{{ $one->of === null ? say('film.trial') : ($one->of instanceof Happening ? say("film.happenings.{$one->of->value}") : say("film.parts.{$one->of->value}")) }}</strong>
                    · {{ say('film.agreement.at', ['from' => $clock($one->from), 'until' => $clock($one->until)]) }} <span class="visually-hidden">{{ say('film.agreement.who') }}</span></legend>
                    <div class="d-flex flex-wrap gap-3">
                        @foreach(['first' => '', 'second' => $one->key] as $who => $value)
                            <label class="form-check"><input class="form-check-input" type="radio" name="followed[{{ $i }}]" value="{{ $value }}" @checked($who === 'first')>
                                {{ $names[$who] }}: {{ $told($one, $who === 'first' ? $one->first : $one->second) }}</label>
                        @endforeach
                    </div></fieldset></li>
            @endforeach
        </ol>
        <button class="btn btn-next">{{ say('film.agreement.settle') }}</button>
    </form>
    <p class="mt-3"><a href="{{ route('films.session', $film) }}">{{ say('film.to_session') }}</a></p>
</x-layout>
