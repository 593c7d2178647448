<svg class="measure" viewBox="0 0 320 170" role="img" aria-labelledby="mh-title mh-desc">
    <title id="mh-title">{{ say('charts.measure_harness.where_to_measure_for_a_harness') }}</title>
    <desc id="mh-desc">{{ say('charts.measure_harness.chest_and_forelegs_from_the_side') }}</desc>
    <path class="outline" d="M20 40 C60 20 100 34 140 36 C200 38 260 36 300 50"/><path class="outline"
        d="M40 60 C44 92 60 108 84 112 L80 160 M104 160 L108 116 C150 118 200 112 240 96 C262 90 284 96 300 100"/>
    <path class="tape" d="M146 36 C138 64 138 92 146 116"/><text x="152" y="80">A</text><path class="tape" d="M108 124 L144 124"/><path
        class="tape" d="M108 118 v12 M144 118 v12"/><text x="120" y="146">B</text>
</svg>
<p class="form-text">{{ say('charts.measure_harness.a_chest_behind_the_elbows_b') }}</p>
