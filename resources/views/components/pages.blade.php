@props(['pages'])
@if($pages->hasPages())
    <nav class="d-flex flex-wrap gap-2 mt-3 no-print" aria-label="{{ say('layout.pages.pages') }}">
        @if($pages->previousPageUrl())<a class="btn btn-outline-primary" rel="prev"
            href="{{ $pages->previousPageUrl() }}">{{ say('layout.pages.previous') }}</a>@endif
        @if($pages->nextPageUrl())<a class="btn btn-outline-primary" rel="next"
            href="{{ $pages->nextPageUrl() }}">{{ say('layout.pages.next') }}</a>@endif
    </nav>
@endif
