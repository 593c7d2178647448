<x-layout :title="say('homework.sheet.title', ['dog' => $dog->name])">
    <p class="mb-1 d-print-none"><a href="{{ route('homework.index', $dog) }}">{{ say('homework.title', ['dog' => $dog->name]) }}</a></p>
    @include('partials.home-sheet')
    <button type="button" class="btn btn-primary d-print-none" data-print>{{ say('homework.sheet.print_now') }}</button>
</x-layout>
