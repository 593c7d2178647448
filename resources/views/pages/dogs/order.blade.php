<x-layout :title="say('dogs.order.title', ['dog' => $dog->name, 'what' => words()->dimension($catalog, $dimension->key)])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('dogs.order.in_s_own_order', ['dimension' => words()->capital(words()->dimension($catalog, $dimension->key)),
        'dog' => $dog->name]) }}</h1>
    <p>{{ say('dogs.order.1_is_the_easiest_for_this') }}</p>
    <x-problems />
    <form method="post" action="{{ route('orders.update', [$dog, $kind, $dimension->key]) }}" class="col-lg-6">
        @csrf @method('put')
        <ol class="list-unstyled">
            @foreach($dimension->values as $i => $value)
                <li class="d-flex align-items-center gap-3 mb-2">
                    <input class="form-control est" id="p-{{ $value->key }}" name="place[{{ $value->key }}]" inputmode="numeric"
                        value="{{ typed("place.{$value->key}", $i + 1) }}" required>
                    <label for="p-{{ $value->key }}">{{ words()->choice($catalog, $dimension->key, $value->key) }}</label>
                </li>
            @endforeach
        </ol>
        <p class="text-body-secondary">{{ say('dogs.order.usual', ['pluck' => implode(' → ',
            words()->choices($usualCatalog, $dimension->key))]) }}</p>
        <button class="btn btn-next">{{ say('dogs.order.use_this_order') }}</button>
        <button class="btn btn-outline-secondary" name="usual" value="1">{{ say('dogs.order.back_to_the_usual_order') }}</button>
    </form>
</x-layout>
