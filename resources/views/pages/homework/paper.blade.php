<x-layout :title="say('homework.paper.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('homework.index', $dog) }}">{{ say('homework.title', ['dog' => $dog->name]) }}</a></p>
    <h1>{{ say('homework.paper.title', ['dog' => $dog->name]) }}</h1>
    <p>{{ say('homework.paper.about') }}</p>
    <x-problems />
    <form method="post" action="{{ route('homework.paper', $dog) }}">
        @csrf
        <input type="hidden" name="sheet" value="{{ typed('sheet', $sheet) }}">
        <div class="table-responsive position-relative" tabindex="0" role="region" aria-label="{{ say('homework.paper.title', ['dog' => $dog->name]) }}">
            <table class="home-sheet">
                <thead><tr><th scope="col">{{ say('homework.board.task') }}</th>@foreach($days as $day)<th scope="col">{{ words()->formats->monthDay($day) }}</th>@endforeach</tr></thead>
                <tbody>@foreach($tasks as $task)
                    <tr><th scope="row">{{ $task->name }}</th>@foreach($days as $day)
                        @php($of = "cells[{$task->id}][{$day->format('Y-m-d')}]")
                        <td>@foreach(['good' => 'counted', 'not' => 'did_not'] as $field => $words)<label class="d-block"><span
                            class="visually-hidden">{{ say("homework.paper.{$field}", ['task' => $task->name, 'day' => words()->formats->monthDay($day)]) }}</span><span
                            class="small" aria-hidden="true">{{ say("homework.paper.{$words}") }}</span> <input class="form-control form-control-sm" type="number"
                            inputmode="numeric" min="0" max="{{ $most }}" name="{{ $of }}[{{ $field }}]"
                            value="{{ typed("cells.{$task->id}.{$day->format('Y-m-d')}.{$field}") }}"></label>@endforeach</td>
                    @endforeach</tr>
                @endforeach</tbody>
            </table>
        </div>
        <button class="btn btn-primary mt-3">{{ say('homework.paper.keep') }}</button>
    </form>
</x-layout>
