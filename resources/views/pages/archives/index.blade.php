<x-layout :title="say('archive.title')">
    <p class="mb-1"><a href="{{ route('practice') }}">{{ say('practice.title') }}</a></p>
    <h1>{{ say('archive.title') }}</h1>
    <p>{{ say('archive.about') }}</p>
    <form method="post" action="{{ route('archives.index') }}" class="mb-4">@csrf<button class="btn btn-primary">{{ say('archive.make') }}</button></form>
    <h2>{{ say('archive.so_far') }}</h2>
    @if($archives->isEmpty())<p>{{ say('archive.none') }}</p>@endif
    <ul class="list-group">
        @foreach($archives as $archive)
            <li class="list-group-item">
                <span class="text-body-secondary">{{ say('imports.by', ['person' => $archive->user->name, 'when' => words()->formats->dateTime($archive->made_at)]) }}</span>
                @include('partials.archive-progress')
            </li>
        @endforeach
    </ul>
</x-layout>
