<div id="report-pdf" class="mb-3" aria-live="polite"
    @if($report->file === null && ! $report->has_failed) hx-get="{{ route('reports.progress', $report) }}" hx-trigger="every 1s" hx-swap="outerHTML" @endif>
    @if($report->has_failed)
        <p class="mb-1">{{ say('reports.pdf.failed') }}</p>
        <form method="post" action="{{ route('report-redraw', $report) }}">@csrf<button class="btn btn-outline-primary">{{ say('reports.pdf.again') }}</button></form>
    @elseif($report->file !== null)
        <a class="btn btn-primary" href="{{ route('reports.pdf', $report) }}" download>{{ say('reports.pdf.download') }}</a>
    @else
        <label class="form-label mb-1" for="pdf-progress">{{ say('reports.pdf.drawing') }}</label>
        <progress class="d-block w-100" id="pdf-progress" max="100" value="{{ $report->progress }}">{{ $report->progress }}</progress>
        <noscript><a href="{{ route('reports.show', $report) }}">{{ say('reports.pdf.look') }}</a></noscript>
    @endif
</div>
