{{-- every part is a link to its details: it works by keyboard and without scripts. Parts that are on two pictures are one stop for the keyboard --}}
@php($stops = [])
<div class="dog-views">
    @foreach($views as $view)
        <figure class="dog-view">
            <svg class="dog" viewBox="0 0 {{ $view['width'] }} {{ $view['height'] }}" role="group" aria-label="{{ $view['title'] }}">
                @foreach($view['plain'] as $path)<path class="plain" d="{{ $path }}" @if($view['isMirrored'])
                    transform="translate({{ $view['width'] }} 0) scale(-1 1)" @endif />@endforeach
                @foreach($view['parts'] as $part)
                    @php($id = $part['area']->id())
                    <a href="#{{ $id }}" data-area="{{ $id }}" @if(in_array($id, $stops, true)) tabindex="-1" @endif
                        aria-label="{{ $part['area']->label }}: {{ $part['area']->inWords() }}">
                        <path class="part level-{{ $bands === null ? $part['area']->level ?? 0 : 0 }} state-{{ $part['area']->state()->value }}"
                            d="{{ $part['path'] }}" @if($view['isMirrored']) transform="translate({{ $view['width'] }} 0) scale(-1 1)"
                            @endif />
                        @if($bands === null)
                        <text class="mark level-{{ $part['area']->level ?? 0 }}" x="{{ $part['x'] }}" y="{{ $part['y'] + 5 }}"
                            text-anchor="middle" aria-hidden="true">{{ $part['area']->mark() }}</text>
                        @else
                        @php($key = "{$part['area']->area} {$part['area']->side}")
                        <use data-part="{{ $key }}" class="band-{{ $bands[$key] ?? 0 }}" aria-hidden="true" x="{{ $part['x'] - 9 }}"
                            y="{{ $part['y'] - 9 }}" width="18" height="18" @isset($bands[$key]) href="#band-{{ $bands[$key] }}" @endisset />
                        @endif
                    </a>
                    @php($stops[] = $id)
                @endforeach
            </svg>
            <figcaption>{{ $view['title'] }}</figcaption>
        </figure>
    @endforeach
</div>
