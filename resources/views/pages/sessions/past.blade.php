@use('App\Session\Http\PastSessionRequest')
<x-layout :title="say('sessions.past.title')" class="session-page">
    <p class="mb-1"><a href="{{ route('plans.show', $plan) }}">{{ $plan->responseModel->dog->name }}: {{ $plan->name }}</a></p>
    <h1 class="h3">{{ say('sessions.past.title') }}</h1>
    <p>{{ say('sessions.past.about') }}</p>
    <x-problems />
    <form method="post" action="{{ route('past-sessions.store', $plan) }}">
        @csrf
        <div class="row">
            <div class="col-sm-4"><x-field name="day" :label="say('sessions.past.day')" type="date" :value="$yesterday" required /></div>
            <div class="col-6 col-sm-4"><x-field name="from" :label="say('sessions.past.from')" type="time" required /></div>
            <div class="col-6 col-sm-4"><x-field name="minutes" :label="say('sessions.past.minutes')" inputmode="numeric" required /></div>
            <div class="col-sm-6"><x-handler :label="say('sessions.create.handler')" :options="$people"
                :value="$person" /></div>
            <div class="col-sm-6"><x-choice name="place_id" :label="say('sessions.create.place')" :options="$places"
                :value="$plan->place_id" :empty="say('sessions.create.not_fixed')" /></div>
            <div class="col-sm-6"><x-choice name="source" :label="say('sessions.past.source')"
                :options="options('written_from', PastSessionRequest::SOURCES)" value="paper" /></div>
            <div class="col-sm-6"><x-field name="note" :label="say('sessions.session_panel.note')" maxlength="500" /></div>
        </div>
        <button class="btn btn-next w-100">{{ say('sessions.past.go_on') }}</button>
    </form>
</x-layout>
