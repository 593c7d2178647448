<x-layout :title="$dog->name.': '.$dimension->label">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ ucfirst($dimension->label) }}, in {{ $dog->name }}'s own order</h1>
    <p>1 is the easiest for this dog. A fence can make frustration worse, a trigger going away can be the exciting one: what counts is what the trials show.</p>
    <x-problems />
    <form method="post" action="{{ route('orders.update', [$dog, $kind, $dimension->key]) }}" class="col-lg-6">
        @csrf @method('put')
        <ol class="list-unstyled">
            @foreach($dimension->values as $i => $value)
                <li class="d-flex align-items-center gap-3 mb-2">
                    <input class="form-control est" id="p-{{ $value->key }}" name="place[{{ $value->key }}]" inputmode="numeric" value="{{ old("place.{$value->key}", $i + 1) }}" required>
                    <label for="p-{{ $value->key }}">{{ $value->label }}</label>
                </li>
            @endforeach
        </ol>
        <p class="text-body-secondary">Usual: {{ collect($usual->values)->pluck('label')->implode(' → ') }}.</p>
        <button class="btn btn-next">Use this order</button>
        <button class="btn btn-outline-secondary" name="usual" value="1">Back to the usual order</button>
    </form>
</x-layout>
