<x-layout :title="say('practice.trail.title')">
    <h1>{{ say('practice.trail.title') }}</h1>
    <p>{{ say('practice.trail.about') }}</p>
    @if($entries->isEmpty())<p>{{ say('practice.trail.none') }}</p>@endif
    <ul class="list-group">
        @foreach($entries as $entry)
            <li class="list-group-item">
                <span class="text-body-secondary">{{ words()->formats->dateTime($entry->done_at) }}</span>
                @if($entry->action !== App\Models\TrailAction::LetterNotSent)<strong>{{ $entry->user?->name ?? say('practice.trail.nobody') }}</strong>@endif
                {{ say("practice.trail.{$entry->action->value}", ['about' => $entry->about]) }}@foreach($entry->facts ?? [] as $fact => $value)<span
                    class="text-body-secondary"> · {{ say("practice.trail.facts.{$fact}", ['value' => $value]) }}</span>@endforeach
            </li>
        @endforeach
    </ul>
    <x-pages :pages="$entries" />
</x-layout>
