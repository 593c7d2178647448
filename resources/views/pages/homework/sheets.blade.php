<x-layout :title="say('homework.class.title', ['task' => $task->name])">
    <p class="mb-1 d-print-none"><a href="{{ route('home-class', $task) }}">{{ say('homework.class.title', ['task' => $task->name]) }}</a></p>
    @foreach($sheets as ['dog' => $dog, 'tasks' => $tasks])
        <section class="sheet-page" aria-label="{{ $dog->name }}">@include('partials.home-sheet')</section>
    @endforeach
    <button type="button" class="btn btn-primary d-print-none" data-print>{{ say('homework.sheet.print_now') }}</button>
</x-layout>
