<x-layout :title="$place->name">
    <p class="mb-1"><a href="{{ route('places.index') }}">{{ say('places.title') }}</a></p>
    <div class="d-flex flex-wrap justify-content-between align-items-center gap-2">
        <h1 class="mb-0">{{ $place->name }}</h1>
        <div class="d-flex flex-wrap gap-2">@can('update', $place)<a class="btn btn-outline-primary"
            href="{{ route('place-hours', $place) }}">{{ say('week.hours.link') }}</a>@endcan<a class="btn btn-outline-primary"
            href="{{ route('sketches.edit', $place) }}">{{ say('places.from_above') }}</a></div>
    </div>
    <x-problems />
    @can('update', $place)
        <div class="row mt-3"><div class="col-lg-7">
            <form method="post" action="{{ route('places.update', $place) }}">
                @csrf @method('put')
                @include('partials.place-fields')
                <button class="btn btn-primary">{{ say('account.save') }}</button>
            </form>
            <x-photo-form :action="route('places.photo', $place)" :photo="$photo" />
            <x-archive :action="route('places.archive-it', $place)" :archived-at="$place->archived_at"
                :about="say('places.archive_about')" />
        </div></div>
    @else
        @if($photo)<p><img class="photo" src="{{ route('photos.show', $photo) }}" width="{{ $photo->width }}"
            height="{{ $photo->height }}" alt="{{ say('people.photo.of', ['name' => $place->name]) }}"></p>@endif
        <dl class="facts mt-3">
            @if($place->kind !== '')<dt>{{ say('places.kind') }}</dt><dd>{{ say("places.kinds.{$place->kind}") }}</dd>@endif
            @if($place->room_meters !== null)<dt>{{ say('places.room') }}</dt><dd>{{ words()->formats->meters($place->room_meters) }}</dd>@endif
            @if($place->address !== '')<dt>{{ say('places.address') }}</dt><dd>{{ $place->address }}</dd>@endif
            @if($place->hours !== '')<dt>{{ say('places.hours') }}</dt><dd>{{ $place->hours }}</dd>@endif
        </dl>
    @endcan
</x-layout>
