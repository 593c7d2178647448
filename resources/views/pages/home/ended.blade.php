<x-home :title="say('home.ended.title')">
    <h1>{{ say('home.ended.title') }}</h1>
    <p>{{ say('home.ended.about') }}</p>
</x-home>
