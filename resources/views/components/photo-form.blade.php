@props(['action', 'photo'])
<section class="mt-4" aria-labelledby="photo-head">
    <h2 id="photo-head">{{ say('people.photo.title') }}</h2>
    @if($photo)
        <p><img class="photo" src="{{ route('photos.show', $photo) }}" width="{{ $photo->width }}" height="{{ $photo->height }}"
            alt="{{ say('people.photo.now') }}"></p>
    @endif
    <form method="post" action="{{ $action }}" enctype="multipart/form-data" class="mb-2">
        @csrf
        <x-field name="photo" :label="say('people.photo.choose')" type="file" accept="image/jpeg,image/png,image/webp"
            :hint="say('people.photo.about')" required />
        <button class="btn btn-outline-primary">{{ say('people.photo.keep') }}</button>
    </form>
    @if($photo)
        <form method="post" action="{{ route('photos.show', $photo) }}">@csrf @method('delete')<button
            class="btn btn-outline-primary">{{ say('people.photo.take_out') }}</button></form>
    @endif
</section>
