<x-layout title="Dogs">
    <div class="d-flex flex-wrap justify-content-between align-items-center gap-2">
        <h1 class="mb-0">Dogs</h1>
        @can('create', App\Models\Dog::class)<a class="btn btn-primary" href="{{ route('dogs.create') }}">Add a dog</a>@endcan
    </div>
    @if($dogs->isEmpty())
        <p class="mt-3">No dog yet. Add the first one: a name is enough to begin with.</p>
    @endif
    <ul class="list-group mt-3">
        @foreach($dogs as $dog)
            <li class="list-group-item">
                <a class="fw-bold" href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a>
                <span class="text-body-secondary">{{ $dog->description }}</span>
                <span class="float-end">{{ $dog->plans_count }} {{ $dog->plans_count === 1 ? 'plan' : 'plans' }}</span>
            </li>
        @endforeach
    </ul>
    <div class="mt-3">{{ $dogs->links('pagination::bootstrap-5') }}</div>
</x-layout>
