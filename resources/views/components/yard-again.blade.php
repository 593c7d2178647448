@props(['visit', 'mistake'])
<p>{{ $mistake === null ? say('yard.result.no_mistake') : say('yard.result.mistake', ['seconds' => words()->formats->number($mistake / 1000, 0)]) }}</p>
<div class="d-flex flex-wrap gap-2">
    @if($mistake !== null)<form method="post" action="{{ route('yard-retry', $visit) }}">@csrf<button class="btn btn-next">{{ say('yard.result.retry') }}</button></form>@endif
    <form method="post" action="{{ route('yard.index') }}">@csrf<input type="hidden" name="dog" value="{{ $visit->dog->value }}"><button class="btn btn-outline-primary">{{ say('yard.result.again') }}</button></form>
    <a class="btn btn-outline-primary" href="{{ route('yard.index') }}">{{ say('yard.result.all') }}</a>
</div>
