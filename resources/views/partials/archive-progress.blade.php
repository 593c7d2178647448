@php($isBusy = $archive->file === null && ! $archive->has_failed && $archive->progress < 100)
<div id="archive-{{ $archive->id }}" aria-live="polite" @if($isBusy) hx-get="{{ route('archive-progress', $archive) }}" hx-trigger="every 1s" hx-swap="outerHTML" @endif>
    @if($archive->has_failed)<p class="mb-0">{{ say('archive.failed') }}</p>
    @elseif($archive->file !== null)
        <a class="btn btn-outline-primary" href="{{ route('archives.show', $archive) }}" download>{{ say('archive.download',
            ['megabytes' => words()->formats->number($archive->bytes / 1e6)]) }}</a>
        <p class="form-text mb-0">{{ say('archive.checksum') }} <code>{{ $archive->checksum }}</code></p>
    @elseif($isBusy)
        <label class="form-label mb-1" for="bar-{{ $archive->id }}">{{ say('archive.making') }}</label>
        <progress class="d-block w-100" id="bar-{{ $archive->id }}" max="100" value="{{ $archive->progress }}"></progress>
        <noscript><a href="{{ route('archives.index') }}">{{ say('imports.look_again') }}</a></noscript>
    @else<p class="mb-0">{{ say('archive.gone') }}</p>@endif
</div>
