@props(['action', 'search', 'isArchived', 'label'])
{{-- The search of a list, and the way to what is archived. --}}
<form method="get" action="{{ $action }}" role="search" class="d-flex flex-wrap gap-2 align-items-end my-3">
    @if($isArchived)<input type="hidden" name="archived" value="1">@endif
    <div class="flex-grow-1"><label class="form-label mb-1" for="q">{{ $label }}</label><input class="form-control" type="search" id="q"
        name="q" value="{{ $search }}" maxlength="80" autocomplete="off"></div>
    <button class="btn btn-primary">{{ say('people.find') }}</button>
    {{ $slot }}
    <a class="btn btn-outline-primary" href="{{ $action }}{{ $isArchived ? '' : '?archived=1' }}">{{ say('people.show_archived',
        ['isArchived' => $isArchived]) }}</a>
</form>
