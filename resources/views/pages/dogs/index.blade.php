<x-layout :title="say('dogs.list.dogs')">
    <div class="d-flex flex-wrap justify-content-between align-items-center gap-2">
        <h1 class="mb-0">{{ say('dogs.list.dogs') }}</h1>
        @can('create', App\Models\Dog::class)<a class="btn btn-primary"
            href="{{ route('dogs.create') }}">{{ say('dogs.list.add_a_dog') }}</a>@endcan
    </div>
    <x-find :action="route('dogs.index')" :search="$search" :is-archived="$isArchived" :label="say('dogs.list.search')">
        @if(auth()->user()->role->managesPlans())
            <div class="form-check align-self-center"><input class="form-check-input" type="checkbox" id="mine" name="mine" value="1"
                @checked($isMine)><label class="form-check-label" for="mine">{{ say('dogs.list.mine') }}</label></div>
        @endif
        @include('partials.dog-filter')
    </x-find>
    @if($dogs->isEmpty())
        <p class="mt-3">{{ $search !== '' || $isArchived || $isMine || $filter->isOn() ? say('dogs.list.none_found') : say('dogs.list.no_dog_yet_add_the_first') }}</p>
    @endif
    <ul class="list-group mt-3">
        @foreach($dogs as $dog)
            <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                <span><a class="fw-bold" href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a>
                    <span class="text-body-secondary">{{ $dog->description }}</span></span>
                <span>{{ implode(' · ', array_filter([auth()->user()->role->managesPlans() ? $dog->client?->name : null, $dog->trainer?->name,
                    say('dogs.list.plans_count_plan_plans', ['plans_count' => $dog->plans_count])])) }}</span>
            </li>
        @endforeach
    </ul>
    <x-pages :pages="$dogs" />
</x-layout>
