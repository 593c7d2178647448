<x-home :title="say('paper.ended.title')">
    <h1>{{ say('paper.ended.title') }}</h1>
    <p>{{ say('paper.ended.about') }}</p>
</x-home>
