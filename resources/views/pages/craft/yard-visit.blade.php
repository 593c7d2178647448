@use('App\Craft\VisitYard')
@use('Core\Yard\Act')
@use('Core\Yard\Scene')
@php($scene = $visit->dog->scene())
<x-layout :title="say('yard.dogs.'.$visit->dog->value.'.name')" script="resources/js/timing.js">
    <p class="mb-1"><a href="{{ route('yard.index') }}">{{ say('yard.title') }}</a></p>
    <h1 class="h4 mb-1">{{ say("yard.dogs.{$visit->dog->value}.name") }}</h1>
    <p class="mb-2">{{ say("yard.dogs.{$visit->dog->value}.lesson") }}</p>
    <div data-yard data-url="{{ route('yard-acts', $visit) }}" data-acts="{{ json_encode($visit->acts) }}" data-from="{{ $visit->from_ms }}"
        data-most="{{ VisitYard::LONGEST }}" data-scene="{{ $scene->value }}" data-unit="{{ auth()->user()->units()->distance->value }}" data-gap="{{ auth()->user()->units()->toDisplayed('cm') }}" data-token="{{ csrf_token() }}">
        <div class="yard-scenes">
            <svg class="yard-dog" viewBox="0 0 360 220" role="img" aria-label="{{ say('yard.stage') }}" data-dog>
                <line x1="0" x2="360" y1="206" y2="206" class="stage-ground" />
                <g data-part="weight">
                    <path d="M 70 120 L 44 84" class="stage-tail" data-part="tail" />
                    <rect x="66" y="104" width="140" height="56" rx="26" class="stage-body" />
                    <rect x="78" y="146" width="15" height="60" rx="6" class="stage-body" /><rect x="104" y="146" width="15" height="60" rx="6" class="stage-body" />
                    <rect x="166" y="146" width="15" height="60" rx="6" class="stage-body" /><rect x="188" y="146" width="15" height="60" rx="6" class="stage-body" />
                    <path d="M 186 122 L 214 78 L 240 104 L 206 142 Z" class="stage-body" />
                    <g data-part="head">
                        <circle cx="244" cy="72" r="40" class="stage-body" />
                        <path d="M 222 46 L 206 84 L 236 74 Z" class="stage-ear" data-part="ears" />
                        <rect x="268" y="66" width="54" height="20" rx="9" class="stage-body" /><rect x="268" y="84" width="46" height="11" rx="5" class="stage-jaw" data-part="mouth" />
                        <circle cx="320" cy="70" r="7" class="stage-nose" />
                        <circle cx="256" cy="60" r="10" class="stage-eye" /><circle cx="258" cy="60" r="5" class="stage-pupil" data-part="gaze" />
                        <path d="M 244 44 Q 256 40 268 46" class="yard-brow" data-part="brow" />
                    </g>
                </g>
            </svg>
            @if($scene === Scene::Path)
            <svg class="yard-field" viewBox="-30 -4 60 66" role="img" aria-label="{{ say('yard.field') }}">
                <rect x="-30" y="-2" width="60" height="4" class="yard-path" />
                <circle r="1.6" cy="0" class="yard-passer" data-passer />
                <g data-you><circle r="1.4" class="yard-handler" cx="1.6" /><ellipse rx="1.9" ry="1.1" class="stage-body" cx="-1.6" stroke-width="0.3" /></g>
            </svg>
            @else
                {{-- the rest under its chin, and the hand with the tool, as far as it is --}}
                <svg class="yard-hand" viewBox="0 0 360 90" role="img" aria-label="{{ say('yard.hand') }}">
                    <rect x="6" y="46" width="70" height="14" rx="4" class="stage-body" /><circle cx="44" cy="30" r="18" class="stage-body" data-chin />
                    <g data-hand><rect x="0" y="20" width="44" height="12" rx="5" class="stage-nose" /><rect x="40" y="10" width="60" height="34" rx="14" class="stage-palm" /></g>
                </svg>
            @endif
        </div>
        <p class="yard-told" role="status" data-said></p>
        <div class="timing-taps">
            <button class="btn btn-next" type="button" data-begin>{{ say('yard.begin') }}</button>
            @foreach($scene->acts() as $act)
                <button class="btn {{ $act === Act::Mark ? 'btn-primary' : 'btn-outline-primary' }}" type="button" data-act="{{ $act->value }}" hidden>{{ say("yard.acts.{$scene->value}.{$act->value}") }}</button>
            @endforeach
        </div>
        <p class="form-text">{{ say("yard.keys.{$scene->value}") }}</p>
        <form method="post" action="{{ route('yard-end', $visit) }}" class="card card-body" data-end hidden>
            @csrf
            @if($scene === Scene::Path)
            <p>{{ say('yard.guess') }} {{ say('yard.skip_about') }}</p>
            <x-field name="guess" :label="say('yard.guess_label', ['unit' => say('device.units.'.auth()->user()->units()->distance->value)])" inputmode="decimal" />
            @endif
            <div><button class="btn btn-next">{{ say('yard.end') }}</button></div>
        </form>
        <noscript><form method="post" action="{{ route('yard-end', $visit) }}">@csrf<button class="btn btn-outline-primary">{{ say('yard.end') }}</button></form></noscript>
    </div>
</x-layout>
