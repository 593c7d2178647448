@props(['link', 'about', 'code' => false])
{{-- An address that is not shown again; drawn, where a phone is to read it. --}}
<div class="alert alert-warning"><p class="mb-1">{{ $about }}</p>
    <p class="mb-0"><code data-link>{{ $link }}</code></p>
    @if($code)<div class="drawn-code mt-2" data-drawn-code="{{ $link }}"></div>@endif</div>
