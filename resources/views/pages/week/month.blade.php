<x-layout :title="words()->formats->month($first)" class="wide-page">
    <div class="d-flex flex-wrap gap-2 align-items-center mb-2">
        <h1 class="mb-0 me-auto">{{ words()->formats->month($first) }}</h1>
        <nav class="d-flex flex-wrap gap-1 no-print" aria-label="{{ say('week.month') }}">
            <a class="btn btn-outline-secondary" href="{{ route('month', ['of' => $first->modify('-1 month')->format('Y-m')]) }}" aria-label="{{ say('week.month_before') }}">‹</a>
            <a class="btn btn-outline-secondary" href="{{ route('week') }}">{{ say('week.this') }}</a>
            <a class="btn btn-outline-secondary" href="{{ route('month', ['of' => $first->modify('+1 month')->format('Y-m')]) }}" aria-label="{{ say('week.month_after') }}">›</a>
        </nav>
    </div>
    <div class="month d-none d-lg-grid" aria-hidden="true">@foreach($weeks[0] as $cell)<span>{{ words()->formats->dayName($cell['day']) }}</span>@endforeach</div>
    <ol class="month">
        @foreach($weeks as $week)
            @foreach($week as $cell)
                <li @class(['month-day', 'is-other' => $cell['isOther'], 'is-today' => $cell['isToday'], 'is-empty' => $cell['titles'] === []])>
                    <a href="{{ route('day', ['of' => $cell['day']->format('Y-m-d')]) }}" class="month-date"><span
                        class="d-lg-none">{{ words()->formats->weekday($cell['day']) }}</span><span
                        class="d-none d-lg-inline">{{ words()->formats->monthDay($cell['day']) }}</span></a>
                    @if($cell['titles'] !== [])
                        <ul class="list-unstyled mb-0">@foreach(array_slice($cell['titles'], 0, 4) as $title)<li class="month-line">{{ $title }}</li>@endforeach
                            @if(count($cell['titles']) > 4)<li class="text-body-secondary">{{ say('week.more', ['count' => count($cell['titles']) - 4]) }}</li>@endif</ul>
                    @endif
                </li>
            @endforeach
        @endforeach
    </ol>
</x-layout>
