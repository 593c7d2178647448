@use('App\Http\Controllers\EventController')
<x-layout title="Log an upset">
    <h1>Log an upset</h1>
    <p>A fright, a dog round the corner, a groomer's visit: it loads the dog for the next day or three, and today's advice starts easier for it. A bite or an injury has <strong>facts</strong> of its own: choose the dog, then “An incident”.</p>
    <x-problems />
    <form method="post" action="{{ route('events.store') }}" class="col-lg-7">
        @csrf
        <input type="hidden" name="uuid" value="{{ old('uuid', $uuid) }}">
        <x-choice name="dog_id" label="Dog" :options="$dogs" :value="$chosen" />
        <x-choice name="event_kind" label="It was" :options="EventController::KINDS" />
        <x-choice name="severity" label="How bad" :options="EventController::SEVERITY" value="1" hint="Half of it is gone after a day: a working guess." />
        <x-choice name="ago" label="When" :options="EventController::AGO" value="0" />
        <x-field name="event_note" label="Note" maxlength="500" />
        <button class="btn btn-next">Log it</button>
    </form>
    <h2>An incident</h2>
    <p>Dog secured, wound washed, medical advice first. Then the facts:</p>
    <ul>@foreach($dogs as $id => $name)<li><a href="{{ route('incidents.create', $id) }}">An incident with {{ $name }}</a></li>@endforeach</ul>
</x-layout>
