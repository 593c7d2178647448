<x-layout :title="say('paper.title.'.$report->kind->value, ['dog' => $report->dog->name])">
    <div class="no-print">
        <p class="mb-1"><a href="{{ route('dogs.show', $report->dog) }}">{{ $report->dog->name }}</a> · <a href="{{ route('reports.index', $report->dog) }}">{{ say('reports.title') }}</a></p>
        <h1>{{ say("reports.kinds.{$report->kind->value}.name") }}</h1>
        <p>{{ say('reports.as_saved') }}</p>
        @include('partials.report-pdf')
        <section class="card card-body mb-4" id="links" aria-labelledby="links-head">
            <h2 class="h5 mt-0" id="links-head">{{ say('reports.links.title') }}</h2>
            @if(session('report-link'))<x-link-once :link="session('report-link')" :about="say('reports.links.once')" />@endif
            <form method="post" action="{{ route('report-links.store', $report) }}" class="row g-2 align-items-end">
                @csrf
                <div class="col-md-5"><x-field name="link_for" :label="say('reports.links.for')" :value="$report->name" maxlength="120" required /></div>
                <div class="col-md-4"><x-field name="ends_on" :label="say('reports.links.ends_on')" type="date" :value="words()->formats->iso(now()->addDays(7))" required /></div>
                <div class="col-md-3"><button class="btn btn-primary mb-3">{{ say('reports.links.make') }}</button></div>
            </form>
            @if($links->isEmpty())<p class="mb-0">{{ say('reports.links.none') }}</p>@else
                <ul class="list-group">
                    @foreach($links as $link)
                        <li class="list-group-item">
                            <div class="d-flex flex-wrap justify-content-between gap-2"><span><strong>{{ $link->name }}</strong>
                                <span class="text-body-secondary">{{ say('reports.links.state', ['isClosed' => $link->closed_at !== null,
                                    'isOver' => $link->ends_at <= now(), 'day' => words()->formats->dateTime($link->ends_at)]) }}</span></span>
                                @if($link->closed_at === null && $link->ends_at > now())<form method="post" action="{{ route('report-links.destroy', $link) }}">@csrf @method('DELETE')<button
                                    class="btn btn-sm btn-outline-danger">{{ say('reports.links.close') }}<span class="visually-hidden">: {{ $link->name }}</span></button></form>@endif</div>
                            @if($link->openings_count === 0)<p class="mb-0">{{ say('reports.links.never_opened') }}</p>@else
                                <details><summary>{{ say('reports.links.opened', ['count' => $link->openings_count]) }}</summary>
                                    <ul class="mb-0">@foreach($link->openings as $opening)<li>{{ say('reports.links.opening', ['when' => words()->formats->dateTime($opening->opened_at), 'isPdf' => $opening->is_pdf]) }}</li>@endforeach</ul>
                                    @if($link->openings_count > count($link->openings))<p class="mb-0">{{ say('reports.links.newest', ['count' => count($link->openings)]) }}</p>@endif
                                </details>
                            @endif
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
    </div>
    <article class="report" lang="{{ $report->language }}"
        aria-label="{{ say("paper.title.{$report->kind->value}", ['dog' => $report->dog->name]) }}">{!! $article !!}</article>
</x-layout>
