{{-- Drawn from the side, facing right; the scripts move its parts. Readable in gray: shapes tell, not colors. --}}
<svg class="timing-stage" viewBox="0 0 640 300" role="img" aria-label="{{ say('timing.round.stage') }}" data-stage>
    <g data-part="line-scene" hidden>
        <line x1="420" x2="420" y1="30" y2="250" class="stage-line" />
        <circle cx="60" cy="160" r="22" class="stage-ball" data-part="ball" />
    </g>
    <g data-part="dog-scene">
        <line x1="0" x2="640" y1="262" y2="262" class="stage-ground" />
        <path d="M 236 150 C 330 90 420 40 560 22" class="stage-leash" data-part="leash" />
        <circle cx="36" cy="120" r="20" class="stage-trigger" data-part="trigger" />
        <g data-part="passer" hidden><rect x="-12" y="-70" width="24" height="70" rx="8" class="stage-trigger" /><circle cy="-84" r="14" class="stage-trigger" /></g>
        <g data-part="body">
            <path d="M 96 176 Q 70 150 62 118" class="stage-tail" data-part="tail" />
            <rect x="90" y="140" width="170" height="74" rx="36" class="stage-body" />
            <rect x="106" y="196" width="18" height="66" rx="8" class="stage-body" /><rect x="140" y="196" width="18" height="66" rx="8" class="stage-body" />
            <rect x="206" y="196" width="18" height="66" rx="8" class="stage-body" /><rect x="234" y="196" width="18" height="66" rx="8" class="stage-body" data-part="paw" />
        </g>
        <g data-part="head">
            <path d="M 226 168 L 268 120 L 300 150 L 256 190 Z" class="stage-body" />
            <circle cx="296" cy="112" r="44" class="stage-body" />
            <path d="M 266 84 Q 250 96 254 140 Q 276 132 282 96 Z" class="stage-ear" data-part="ear" />
            <rect x="322" y="104" width="58" height="22" rx="10" class="stage-body" />
            <rect x="322" y="124" width="50" height="12" rx="6" class="stage-jaw" data-part="jaw" />
            <rect x="364" y="118" width="22" height="10" rx="5" class="stage-tongue" data-part="tongue" visibility="hidden" />
            <circle cx="378" cy="108" r="8" class="stage-nose" />
            <circle cx="308" cy="98" r="9" class="stage-eye" /><circle cx="311" cy="98" r="4.5" class="stage-pupil" data-part="pupil" />
            <line x1="299" x2="317" y1="98" y2="98" class="stage-lid" data-part="lid" visibility="hidden" />
        </g>
        <g data-part="palm"><rect x="560" y="78" width="26" height="72" rx="12" class="stage-palm" /><rect x="578" y="104" width="62" height="28" rx="10" class="stage-palm" /></g>
    </g>
</svg>
