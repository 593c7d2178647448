<svg class="measure" viewBox="0 0 320 150" role="img" aria-labelledby="mc-title mc-desc">
    <title id="mc-title">{{ say('charts.measure_collar.where_to_measure_for_a_collar') }}</title>
    <desc id="mc-desc">{{ say('charts.measure_collar.head_and_neck_from_the_side') }}</desc>
    <path class="outline" d="M60 62 C70 48 110 42 130 40 C146 24 180 22 194 40 C220 58 252 76 300 92"/><path class="outline"
        d="M60 62 C50 72 60 82 74 82 C110 86 140 88 160 90 C182 104 214 126 250 142"/>
    <path class="outline" d="M176 30 C196 18 212 34 206 58 C200 70 190 70 184 60 C178 50 174 40 176 30"/><circle class="eye" cx="134"
        cy="54" r="5"/>
    <path class="tape" d="M252 76 C236 92 226 108 222 128"/><text x="256" y="112">A</text><path class="tape"
        d="M196 36 C178 56 168 74 164 92"/><text x="146" y="80">B</text>
</svg>
<p class="form-text">{{ say('charts.measure_collar.a_neck_where_it_sits_b') }}</p>
