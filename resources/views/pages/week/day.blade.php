@use('App\Week\AppointmentWords')
@php($date = $days->day($day))
<x-layout :title="words()->formats->weekday($date)">
    <div class="d-flex flex-wrap gap-2 align-items-center mb-2">
        <h1 class="mb-0 me-auto">{{ words()->formats->weekday($date) }}</h1>
        <nav class="d-flex flex-wrap gap-1 no-print" aria-label="{{ say('week.day') }}">
            <a class="btn btn-outline-secondary" href="{{ route('day', ['of' => $date->modify('-1 day')->format('Y-m-d')]) }}" aria-label="{{ say('week.day_before') }}">‹</a>
            <a class="btn btn-outline-secondary" href="{{ route('week', ['of' => $date->format('Y-m-d')]) }}">{{ say('week.title') }}</a>
            <a class="btn btn-outline-secondary" href="{{ route('day', ['of' => $date->modify('+1 day')->format('Y-m-d')]) }}" aria-label="{{ say('week.day_after') }}">›</a>
        </nav>
    </div>
    @if($columns[$day] === [])<p>{{ say('week.none_day') }}</p>@endif
    <ol class="list-group">
        @foreach($columns[$day] as $card)
            @php($one = $card['appointment'])
            <li class="list-group-item">
                <a class="day-line" href="{{ route('appointments.show', $one) }}"><span
                    class="day-time">{{ words()->formats->time($one->starts_at) }}–{{ words()->formats->time($one->ends_at) }}</span>
                    <strong>{{ AppointmentWords::title($one, $mayPlan) }}</strong></a>
                <span>{{ $one->person->name }}@if($one->helper) · {{ say('week.helps', ['name' => $one->helper->name]) }}@endif
                @if(AppointmentWords::where($one) !== '') · {{ AppointmentWords::where($one) }}@endif</span>
                @if($card['came'])<em>{{ say("week.came.{$card['came']}") }}</em>@endif
            </li>
        @endforeach
    </ol>
</x-layout>
