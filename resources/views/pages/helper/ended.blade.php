<x-home :title="say('helper.ended.title')">
    <h1>{{ say('helper.ended.title') }}</h1>
    <p>{{ say('helper.ended.about') }}</p>
</x-home>
