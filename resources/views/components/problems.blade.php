@props(['head' => null])
@if($errors->any())
    <div class="alert alert-danger error-summary" role="alert">
        <p class="fw-bold mb-1">{{ $head ?? say('layout.problems.nothing_was_stored_yet_please_put') }}</p>
        <ul class="mb-0">
            @foreach($errors->getMessages() as $field => $messages)
                @foreach($messages as $message)<li data-problem="{{ $field }}">{{ $message }}</li>@endforeach
            @endforeach
        </ul>
    </div>
@endif
