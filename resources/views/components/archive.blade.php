@props(['action', 'archivedAt', 'about'])
<section class="mt-4" aria-labelledby="archive-head">
    <h2 id="archive-head">{{ say('people.archive_head') }}</h2>
    @if($archivedAt === null)
        <p>{{ $about }}</p>
        <form method="post" action="{{ $action }}">@csrf<button class="btn btn-outline-primary">{{ say('people.archive') }}</button></form>
    @else
        <p>{{ say('people.archived_since', ['day' => words()->formats->date($archivedAt)]) }}</p>
        <form method="post" action="{{ $action }}">@csrf @method('delete')<button
            class="btn btn-primary">{{ say('people.restore') }}</button></form>
    @endif
</section>
