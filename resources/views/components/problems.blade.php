@if($errors->any())
    <div class="alert alert-danger error-summary" role="alert">
        <p class="fw-bold mb-1">Nothing was stored yet. Please put this right:</p>
        <ul class="mb-0">
            @foreach($errors->all() as $message)<li>{{ $message }}</li>@endforeach
        </ul>
    </div>
@endif
