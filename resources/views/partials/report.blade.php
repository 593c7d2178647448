{{-- What a report says: the same for page, print and PDF. --}}
@use('App\View\Components\ReportDrawing')
<h2 class="mt-0">{{ say("paper.title.{$report->kind->value}", ['dog' => $report->dog->name]) }}</h2>
<p class="report-about">{{ collect([$report->dog->description, $report->dog->breed])->filter()->implode(', ') }}@if($report->dog->bite_history) <strong
    class="flag d-inline-block">{{ say('paper.has_bitten') }}</strong>@endif</p>
<p class="report-about">{{ say('paper.made', ['practice' => $report->dog->practice->name, 'day' => words()->formats->date($report->made_at),
    'person' => $report->user->name, 'for' => $report->name, 'isFor' => $report->name !== '']) }}</p>
@if($report->note !== '')<p class="report-note">{{ $report->note }}</p>@endif
@foreach($report->sections as $section)
    <div class="report-section">
        <h3>{{ $section['title'] }}</h3>
        @if(count($section['lines']) === 1)<p>{{ $section['lines'][0] }}</p>@elseif($section['lines'] !== [])<ul>@foreach($section['lines'] as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
        @if($section['facts'] !== [])
            <table class="report-facts"><tbody>@foreach($section['facts'] as [$what, $how])<tr><th scope="row">{{ $what }}</th><td>{{ $how }}</td></tr>@endforeach</tbody></table>
        @endif
        @if($section['rows'] !== [])
            <table class="report-table"><thead><tr>@foreach($section['head'] as $cell)<th scope="col">{{ $cell }}</th>@endforeach</tr></thead>
                <tbody>@foreach($section['rows'] as $row)<tr>@foreach($row as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody></table>
        @endif
        @foreach($section['drawings'] as $drawing)
            @isset($styles)
                <img alt="{{ $drawing['told'] }}" class="report-picture" width="520"
                    src="data:image/svg+xml;base64,{{ base64_encode(trim(Blade::renderComponent(new ReportDrawing($drawing, true)))) }}">
            @else
                <x-report-drawing :drawing="$drawing" />
            @endisset
        @endforeach
    </div>
@endforeach
@if($report->sections === [])<p>{{ say('paper.nothing') }}</p>@endif
<p class="report-about report-foot">{{ say("paper.foot.{$report->kind->value}") }}</p>
