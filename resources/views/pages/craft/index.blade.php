<x-layout :title="$isOwn ? say('timing.title') : say('timing.of', ['name' => $of->name])" script="resources/js/timing.js">
    <h1>{{ $isOwn ? say('timing.title') : say('timing.of', ['name' => $of->name]) }}</h1>
    <p>{{ $isOwn ? say('timing.about') : say('timing.of_about', ['name' => $of->name]) }}</p>
    @if($isOwn)<p><a href="{{ route('yard.index') }}">{{ say('yard.link') }}</a></p>@endif
    <x-problems />
    <ol class="list-group mb-4" aria-label="{{ say('timing.all_drills') }}">
        @foreach($drills as $one)
            @php($name = say("timing.drills.{$one['drill']->value}.name"))
            @php($latest = $one['rounds'] === [] ? null : $one['rounds'][count($one['rounds']) - 1])
            <li class="list-group-item timing-drill @if($one['isNext']) timing-next @endif">
                <div><strong>{{ $name }}</strong> @if($one['isNext'])<span class="flag">{{ say('timing.next') }}</span>@elseif($one['isLearned'])<span
                    class="text-body-secondary">{{ say('timing.learned') }}</span>@endif<br>
                    <span class="text-body-secondary">{{ say("timing.drills.{$one['drill']->value}.about") }}</span></div>
                <div class="timing-told">
                    <span>{{ say('timing.rounds', ['count' => count($one['rounds'])]) }}@if($latest), {{ say('timing.latest', ['share' => words()->formats->percent(100 * ($latest->share ?? 0.0))]) }}@endif</span>
                    <x-timing-curve :rounds="$one['rounds']" :drill="$one['drill']" />
                </div>
                @if($isOwn)
                    <form method="post" action="{{ route('timing.rounds') }}" class="d-flex flex-wrap gap-2 align-items-end">
                        @csrf
                        <input type="hidden" name="drill" value="{{ $one['drill']->value }}">
                        <input type="hidden" name="device" value="" data-device>
                        @if($one['drill'] === Core\Marking\Drill::WordOrClicker)
                            <label class="form-label mb-0">{{ say('timing.mark_by') }} <select class="form-select" name="mark_by">@foreach(labels('timing.mark_by_options', ['tap', 'clicker', 'word']) as $value => $label)<option value="{{ $value }}">{{ $label }}</option>@endforeach</select></label>
                        @else<input type="hidden" name="mark_by" value="tap">@endif
                        <button class="btn {{ $one['isNext'] ? 'btn-next' : 'btn-outline-primary' }}">{{ say('timing.go') }}<span class="visually-hidden">: {{ $name }}</span></button>
                    </form>
                @endif
            </li>
        @endforeach
    </ol>
    @if($isOwn)<p><a href="{{ route('timing.device') }}">{{ say('timing.measure') }}</a></p>@endif
    <h2>{{ say('timing.slips.title') }}</h2>
    @if($isLate)<p class="alert alert-warning">{{ say('timing.slips.late') }}</p>@endif
    @if($slips === [])<p>{{ say('timing.slips.none', ['trials' => $trials]) }}</p>
    @else<ul>@foreach($slips as $slip => $count)<li>{{ say('timing.slips.told', ['slip' => words()->capital(say("labels.slip.{$slip}")), 'count' => words()->formats->number($count),
        'trials' => $trials]) }}</li>@endforeach</ul>@endif
    <x-known-grader :name="$of->name" :bias="$known" />
    @if($drift)
        <h2>{{ say('film.drift.title') }}</h2>
        <p>{{ say('film.drift.same', ['same' => $drift->same, 'trials' => $drift->trials]) }}
            @if($drift->bands === null){{ say('film.drift.too_few', ['least' => Core\Film\Agreement::LEAST_UNITS]) }}
            @else{{ say($drift->hasMoved() ? 'film.drift.moved' : 'film.drift.steady', ['stricter' => $drift->bands > 0,
                'bands' => words()->formats->number($drift->hasMoved() ? abs($drift->bands) : $drift->bands, 2),
                'low' => words()->formats->number($drift->hasMoved() ? abs($drift->bands) - $drift->off : $drift->bands - $drift->off, 2),
                'high' => words()->formats->number($drift->hasMoved() ? abs($drift->bands) + $drift->off : $drift->bands + $drift->off, 2)]) }}@endif</p>
    @endif
    @if($isOwn)
        <h2>{{ say('timing.sharing.title') }}</h2>
        <form method="post" action="{{ route('timing.sharing') }}">
            @csrf @method('PUT')
            <p>{{ say('timing.sharing.about') }}</p>
            <x-flag name="shows" :label="say('timing.sharing.shows')" :value="$of->shows_timing" />
            <button class="btn btn-outline-primary">{{ say('timing.sharing.save') }}</button>
        </form>
    @endif
</x-layout>
