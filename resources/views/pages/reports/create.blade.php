@php($kind = $report->kind)
<x-layout :title="say('paper.title.'.$report->kind->value, ['dog' => $report->dog->name])">
    <div class="no-print">
        <p class="mb-1"><a href="{{ route('dogs.show', $report->dog) }}">{{ $report->dog->name }}</a> · <a href="{{ route('reports.index', $report->dog) }}">{{ say('reports.title') }}</a></p>
        <h1>{{ say("reports.kinds.{$report->kind->value}.name") }}</h1>
        <p>{{ say("reports.kinds.{$report->kind->value}.about") }}</p>
        <x-problems />
        <form method="get" action="{{ route('reports.create', [$report->dog, $report->kind]) }}" class="card card-body mb-4" id="report-form">
            <input type="hidden" name="parts[]" value="">
            <fieldset class="mb-2"><legend class="h6">{{ say('reports.what_stands_on_it') }}</legend>
                <div class="report-parts">
                    @foreach(labels("reports.parts.{$kind->value}", $kind->parts()) as $part => $name)
                        <div class="form-check"><input class="form-check-input" type="checkbox" name="parts[]" value="{{ $part }}"
                            id="rp-{{ $part }}" @checked(in_array($part, ticked('parts', $report->parts), true))><label class="form-check-label"
                            for="rp-{{ $part }}">{{ $name }}</label></div>
                    @endforeach
                </div>
            </fieldset>
            <div class="row g-2">
                <div class="col-md-4"><label class="form-label mb-0" for="r-to">{{ say('reports.for') }}</label><input
                    class="form-control" id="r-to" name="to" maxlength="120" value="{{ typed('to', $report->name) }}"></div>
                <div class="col-md-8"><label class="form-label mb-0" for="r-note">{{ say("reports.note") }}</label><input
                    class="form-control" id="r-note" name="note" maxlength="1000" value="{{ typed('note', $report->note) }}"></div>
                @if(count($report->kind->languages()) > 1)
                    <div class="col-md-4"><x-choice name="language" :label="say('reports.language')" :options="labels('reports.languages', $report->kind->languages())" :value="$report->language" /></div>
                @else<input type="hidden" name="language" value="{{ $report->language }}">@endif
            </div>
            <div class="mt-3 d-flex flex-wrap gap-2"><button class="btn btn-outline-primary">{{ say('reports.look_again') }}</button>
                @can('plan', $report->dog)<button class="btn btn-primary" formmethod="post" formaction="{{ route('reports.store', [$report->dog, $report->kind]) }}" name="_token" value="{{ csrf_token() }}">{{ say('reports.save') }}</button>@endcan
            </div>
            <p class="form-text mb-0">{{ say('reports.save_about') }}</p>
        </form>
    </div>
    <article class="report" lang="{{ $report->language }}"
        aria-label="{{ say("paper.title.{$report->kind->value}", ['dog' => $report->dog->name]) }}">{!! $article !!}</article>
</x-layout>
