<x-home :title="say('paper.title.'.$report->kind->value, ['dog' => $report->dog->name])">
    <div class="no-print mb-3">
        <p class="mb-2">{{ say('paper.until', ['day' => words()->formats->dateTime($link->ends_at)]) }}</p>
        @if($report->file !== null)<a class="btn btn-primary" href="{{ route('report-page.pdf', $token) }}" download>{{ say('paper.download') }}</a>@endif
    </div>
    <h1 class="visually-hidden">{{ say("paper.title.{$report->kind->value}", ['dog' => $report->dog->name]) }}</h1>
    <article class="report" lang="{{ $report->language }}"
        aria-label="{{ say("paper.title.{$report->kind->value}", ['dog' => $report->dog->name]) }}">{!! $article !!}</article>
</x-home>
