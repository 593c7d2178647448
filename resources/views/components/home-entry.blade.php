@props(['kind', 'task' => null])
{{-- One tap of a home: the script takes it into its queue, a plain form sends it by itself. --}}
<form method="post" action="{{ $attributes->get('action') }}" {{ $attributes->except('action') }} data-entry>
    @auth @csrf @endauth
    <input type="hidden" name="kind" value="{{ $kind }}"><input type="hidden" name="uuid" value="{{ Str::uuid7() }}">
    <input type="hidden" name="language" value="{{ words()->reader->language }}">
    @if($task)<input type="hidden" name="homework" value="{{ $task->id }}">@endif
    {{ $slot }}
</form>
