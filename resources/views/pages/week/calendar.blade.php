<x-layout :title="say('week.calendar.title', ['person' => $person->name])">
    <h1>{{ say('week.calendar.title', ['person' => $person->name]) }}</h1>
    <x-problems />
    <div class="row g-4">
        <div class="col-lg-6">
            <h2 class="h5 mt-0">{{ say('week.calendar.out') }}</h2>
            <p>{{ say('week.calendar.out_about') }}</p>
            @if(session('calendar-link'))<x-link-once :link="session('calendar-link')" :about="say('week.calendar.by_hand')" />@endif
            @if($link)<p>{{ $link->opened_at ? say('week.calendar.opened', ['when' => words()->formats->dateTime($link->opened_at)]) : say('week.calendar.never_opened') }}</p>@endif
            <div class="d-flex flex-wrap gap-2 align-items-center">
                <form method="post" action="{{ route('person-calendar', $person) }}">@csrf<button
                    class="btn btn-primary">{{ say($link ? 'week.calendar.subscribe_again' : 'week.calendar.subscribe') }}</button></form>
                @if($link)
                    <form method="post" action="{{ route('person-calendar', $person) }}">@csrf @method('delete')<button
                        class="btn btn-outline-secondary">{{ say('week.calendar.close') }}</button></form>
                    <span class="text-body-secondary">{{ say('week.calendar.again_about') }}</span>
                @endif
            </div>
            @if($person->user)
                <h2 class="h5">{{ say('week.letter.head') }}</h2>
                <p>{{ say('week.letter.about', ['email' => $person->user->email]) }}</p>
                <form method="post" action="{{ route('person-calendar', $person) }}">@csrf @method('put')
                    <input type="hidden" name="is_reminded" value="{{ $person->is_reminded ? 0 : 1 }}"><button
                    class="btn btn-outline-primary">{{ say($person->is_reminded ? 'week.letter.stop' : 'week.letter.begin') }}</button></form>
            @endif
        </div>
        <div class="col-lg-6">
            <h2 class="h5 mt-0">{{ say('week.calendar.in') }}</h2>
            <p>{{ say('week.calendar.in_about') }}</p>
            <ul class="list-group mb-3">
                @foreach($feeds as $feed)
                    <li class="list-group-item">
                        <strong>{{ say('week.calendar.feed', ['name' => $feed->name, 'count' => $feed->busy_times_count]) }}</strong>
                        @if($feed->read_at)<span class="text-body-secondary">{{ say('week.calendar.read_at', ['when' => words()->formats->dateTime($feed->read_at)]) }}</span>@endif
                        @if($feed->address !== '')<br><span class="text-break">{{ $feed->address }}</span>@endif
                        @if($feed->problem !== '')<p class="text-danger fw-bold mb-1">{{ say("week.calendar.problems.{$feed->problem}") }}</p>@endif
                        <div class="d-flex gap-2 mt-1">
                            @if($feed->address !== '')<form method="post" action="{{ route('calendar-feeds.read', $feed) }}">@csrf @method('put')<button
                                class="btn btn-outline-primary">{{ say('week.calendar.again') }}<span class="visually-hidden">: {{ $feed->name }}</span></button></form>@endif
                            <form method="post" action="{{ route('calendar-feeds.destroy', $feed) }}">@csrf @method('delete')<button
                                class="btn btn-outline-secondary">{{ say('week.calendar.drop') }}<span class="visually-hidden">: {{ $feed->name }}</span></button></form>
                        </div>
                    </li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('busy-times.store', $person) }}" enctype="multipart/form-data" class="card card-body">
                @csrf
                <x-field name="name" :label="say('week.calendar.name_label')" maxlength="80" required />
                <x-field name="address" type="url" :label="say('week.calendar.address')" :hint="say('week.calendar.address_about')" maxlength="300" />
                <x-field name="file" type="file" :label="say('week.calendar.file')" accept=".ics,text/calendar" />
                <div><button class="btn btn-primary">{{ say('week.calendar.add') }}</button></div>
            </form>
        </div>
    </div>
</x-layout>
