<x-layout :title="say('film.of', ['dog' => $dog->name])" script="resources/js/film.js">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('film.of', ['dog' => $dog->name]) }}</h1>
    <p>{{ say('film.about') }}</p>
    <x-problems />
    @can('train', $dog)
        <form method="post" action="{{ route('films.index', $dog) }}" class="card card-body mb-3" data-add-film>
            @csrf
            <noscript><p>{{ say('film.needs_scripts') }}</p></noscript>
            <div class="mb-3">
                <label class="form-label mb-1" for="film-file">{{ say('film.choose') }}</label>
                <input class="form-control" type="file" accept="video/*" id="film-file" data-file aria-describedby="film-file-about">
                <p class="form-text mb-0" id="film-file-about">{{ say('film.choose_about') }}</p>
            </div>
            <p role="status" data-said></p>
            <x-field name="name" :label="say('film.name')" maxlength="120" required />
            @foreach(['length', 'frame', 'fingerprint'] as $field)<input type="hidden" name="{{ $field }}">@endforeach
            <div><button class="btn btn-next" data-go disabled>{{ say('film.add') }}</button></div>
        </form>
    @endcan
    @if($films->isEmpty())<p>{{ say('film.none') }}</p>@endif
    <ul class="list-group">
        @foreach($films as $film)
            @php($graded = $film->graded())
            @php($finished = $film->finished())
            @php($open = $graded->whereNull('finished_at'))
            <li class="list-group-item"><a href="{{ route('films.show', $film) }}"><strong>{{ $film->name }}</strong></a>
                · {{ words()->formats->date($film->added_at) }} · {{ words()->formats->clock(intdiv($film->length_ms, 1000)) }}
                · @if($film->records->contains('kind', App\Models\FilmRecordKind::Settled)){{ say('film.state.settled') }}
                @elseif($graded->isEmpty()){{ say('film.state.new') }}
                @else{{ collect([
                    $finished->isEmpty() ? null : say('film.state.graded', ['names' => $finished->map(fn ($one) => $one->user->name)->implode(', ')]),
                    $open->isEmpty() ? null : say('film.state.open', ['names' => $open->map(fn ($one) => $one->user->name)->implode(', ')]),
                    $finished->count() === 1 && $open->isEmpty() ? say('film.state.second') : null,
                ])->filter()->implode(' · ') }}@endif</li>
        @endforeach
    </ul>
    @if($films->count() === $most)<p class="form-text">{{ say('film.list_most', ['most' => $most]) }}</p>@endif
</x-layout>
