<x-layout :title="say('homework.class.title', ['task' => $task->name])">
    <p class="mb-1"><a href="{{ route('homework.index', $task->dog) }}">{{ say('homework.title', ['dog' => $task->dog->name]) }}</a></p>
    <h1>{{ say('homework.class.title', ['task' => $task->name]) }}</h1>
    <p class="text-body-secondary">{{ say('homework.class.about', ['days' => $rows[0]['needs'] ?? 3]) }}</p>
    <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('homework.class.title', ['task' => $task->name]) }}">
        <table class="table">
            <thead><tr>@foreach(['dog', 'days', 'good', 'not', 'ready', 'note'] as $column)<th scope="col">{{ say("homework.class.{$column}") }}</th>@endforeach</tr></thead>
            <tbody>
                @foreach($rows as $row)
                    <tr @class(['fw-bold' => $row['isReady']])>
                        <th scope="row"><a href="{{ route('homework.index', $row['homework']->dog) }}">{{ $row['homework']->dog->name }}</a></th>
                        <td>{{ say('homework.class.days_of', ['done' => $row['done'], 'planned' => $row['planned']]) }}</td>
                        <td>{{ words()->formats->number($row['good']) }}</td>
                        <td>{{ say('homework.class.not_of', ['count' => $row['not'], 'hasMinutes' => $row['aMinute'] !== null,
                            'aMinute' => $row['aMinute'] === null ? '' : words()->formats->number($row['aMinute'])]) }}</td>
                        <td>{{ say('homework.class.ready_of', ['isReady' => $row['isReady']]) }}</td>
                        <td>@if($row['note']){{ say('homework.class.note_of', ['day' => words()->formats->monthDay($row['note']->sent_at),
                            'text' => Str::limit($row['note']->body, 80)]) }}@endif</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <p><a class="btn btn-outline-primary" href="{{ route('home-sheets', $task) }}">{{ say('homework.class.sheets') }}</a></p>
</x-layout>
