<x-layout :title="say('helper.title')">
    <h1>{{ say('helper.title') }}</h1>
    <p>{{ say('helper.about') }}</p>
    <x-problems />
    @if(session('helper-link'))
        <x-link-once :link="session('helper-link')" :about="say('helper.by_hand')" :code="true" />
        <p><a class="btn btn-next" href="{{ route('sessions.show', $session) }}">{{ say('helper.back') }}</a></p>
    @else
        <form method="post" action="{{ route('session-helper', $session) }}">
            @csrf
            <x-choice name="muzzle" :label="say('helper.muzzle', ['dog' => $dog->name])" :options="labels('helper.muzzles', ['no', 'yes'])" />
            <button class="btn btn-next">{{ say('helper.make') }}</button>
        </form>
    @endif
</x-layout>
