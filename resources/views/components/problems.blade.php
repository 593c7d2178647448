@if($errors->any())
    <div class="alert alert-danger error-summary" role="alert">
        <p class="fw-bold mb-1">{{ say('layout.problems.nothing_was_stored_yet_please_put') }}</p>
        <ul class="mb-0">
            @foreach($errors->all() as $message)<li>{{ $message }}</li>@endforeach
        </ul>
    </div>
@endif
