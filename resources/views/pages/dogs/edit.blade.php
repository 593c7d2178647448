@use('App\Dog\ChangeDog')
<x-layout :title="say('dogs.edit.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('dogs.edit.title', ['dog' => $dog->name]) }}</h1>
    <x-problems />
    <div class="row g-4">
        <form class="col-lg-7" method="post" action="{{ route('dogs.update', $dog) }}">
            @csrf @method('put')
            @include('partials.dog-fields')
            <button class="btn btn-primary">{{ say('account.save') }}</button>
        </form>
        <div class="col-lg-5">
            <section aria-labelledby="trainer-head">
                <h2 class="mt-0" id="trainer-head">{{ say('dogs.edit.trainer_head') }}</h2>
                <p>{{ say('dogs.edit.trainer_now', ['hasTrainer' => $dog->trainer !== null, 'trainer' => $dog->trainer?->name]) }}</p>
                <form method="post" action="{{ route('dogs.trainer', $dog) }}">
                    @csrf @method('put')
                    <x-choice name="trainer_id" :label="say('dogs.edit.trainer')" :options="$trainers" :value="$dog->trainer_id"
                        :hint="say('people.move_about')" />
                    <button class="btn btn-outline-primary">{{ say('dogs.edit.move') }}</button>
                </form>
            </section>
            <x-photo-form :action="route('dogs.photo', $dog)" :photo="$photo" />
            <section class="mt-4" aria-labelledby="archive-head">
                <h2 id="archive-head">{{ say('people.archive_head') }}</h2>
                @if($dog->archived_at === null)
                    <form method="post" action="{{ route('dogs.archive-it', $dog) }}">
                        @csrf
                        <x-choice name="archived_for" :label="say('dogs.edit.why')"
                            :options="labels('dogs.edit.archived_for', ChangeDog::ARCHIVED_FOR)" :hint="say('dogs.edit.archive_about')" />
                        <button class="btn btn-outline-primary">{{ say('people.archive') }}</button>
                    </form>
                @else
                    <p>{{ say('people.archived_since', ['day' => words()->formats->date($dog->archived_at)]) }}</p>
                    <form method="post" action="{{ route('dogs.archive-it', $dog) }}">@csrf @method('delete')<button
                        class="btn btn-primary">{{ say('people.restore') }}</button></form>
                @endif
            </section>
        </div>
    </div>
</x-layout>
