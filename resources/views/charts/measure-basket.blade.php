<svg class="measure" viewBox="0 0 320 170" role="img" aria-labelledby="mb-title mb-desc">
    <title id="mb-title">{{ say('charts.measure_basket.where_to_measure_the_head_for') }}</title>
    <desc id="mb-desc">{{ say('charts.measure_basket.side_of_a_head_a_from') }}</desc>
    <path class="outline" d="M252 34 C236 18 200 18 184 34 L170 52 C150 60 96 62 66 68 C50 72 46 84 54 90 L60 94 C100 96 130 98 150 100 L84 128 C74 134 80 144 92 144 C130 142 168 130 190 118 C214 132 250 140 280 150"/>
    <path class="outline" d="M252 34 C270 22 284 40 280 66 C276 84 262 88 254 78 C246 66 246 46 252 34"/>
    <circle class="eye" cx="190" cy="56" r="5"/>
    <path class="tape" d="M58 58 L170 42"/><path class="tape" d="M58 52 v12 M170 36 v12"/><text x="106" y="40">A</text>
    <path class="tape" d="M128 58 C116 78 116 84 122 100"/><text x="98" y="84">B</text>
    <path class="tape" d="M40 74 L60 146"/><path class="tape" d="M34 76 h12 M54 146 h12"/><text x="30" y="116">C</text>
</svg>
<p class="form-text">{{ say('charts.measure_basket.a_nose_length_b_around_mouth') }}</p>
