@use('App\Week\AppointmentWords')
@use('Core\Scheduling\DayGrid')
{{-- The days of a week: beside each other on a desk, below each other on a phone. Drawn anew after each move. --}}
@php($cards = collect($columns)->flatten(1))
@php($first = min(8, (int) $cards->min('slot') ?: 8) )
@php($last = max(42, 1 + (int) $cards->max(fn ($card) => $card['slot'] + $card['slots'])))
<div id="week" data-week data-first="{{ $first }}">
    @if($cards->isEmpty())<p>{{ say($mayPlan ? 'week.none' : 'week.none_own') }}</p>@endif
    <div class="week-days rows-{{ $last - $first }}">
        <div class="week-clock" aria-hidden="true">
            @for($slot = $first; $slot < $last; $slot++)
                @if(DayGrid::minute($slot) % 60 === 0)<span class="at-{{ $slot - $first }}">{{ words()->formats->time($days->at(0, DayGrid::minute($slot))) }}</span>@endif
            @endfor
        </div>
        @foreach($days->days() as $n => $day)
            <section @class(['week-day', 'is-today' => $n === $today]) data-day="{{ $day->format('Y-m-d') }}">
                <h2 class="h6 my-1"><a href="{{ route('day', ['of' => $day->format('Y-m-d')]) }}">{{ words()->formats->weekday($day) }}</a></h2>
                <ul class="week-hours" data-hours>
                    @foreach($columns[$n] as $card)
                        @php($one = $card['appointment'])
                        <li class="at-{{ $card['slot'] - $first }} long-{{ $card['slots'] }} lane-{{ $card['lane'] }}of{{ min(4, $card['lanes']) }}">
                            <a @class(['week-card', 'is-pinned' => $one->is_pinned, 'is-other' => $one->plan_id === null])
                                id="appointment-{{ $one->id }}" href="{{ route('appointments.show', $one) }}" draggable="false"
                                @if($mayPlan && $one->ends_at >= $now) data-appointment="{{ route('appointments.show', $one, false) }}"
                                    data-on="{{ $day->format('Y-m-d') }}" data-minute="{{ $days->minuteOf($one->starts_at) }}"
                                    data-pinned="{{ $one->is_pinned ? 1 : 0 }}" @endif><span
                                class="week-time">{{ words()->formats->time($one->starts_at) }}</span> <strong>{{ AppointmentWords::title($one, $mayPlan) }}</strong>
                                <span class="week-who">{{ $one->person->name }}@if($one->helper), {{ $one->helper->name }}@endif
                                @if(AppointmentWords::where($one) !== '') · {{ AppointmentWords::where($one) }}@endif</span><span
                                class="visually-hidden"> ({{ say($one->is_pinned ? 'week.pinned' : 'week.not_pinned') }})</span>@if($card['came']) <em>{{ say("week.came.{$card['came']}") }}</em>@endif</a>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
</div>
