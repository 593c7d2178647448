<x-layout title="Add a dog">
    <div class="row"><div class="col-lg-8">
        <h1>Add a dog</h1>
        <x-problems />
        <form method="post" action="{{ route('dogs.store') }}">
            @csrf
            <x-field name="name" label="Name" required maxlength="80" />
            <x-field name="description" label="Who it is" hint="Kind of dog, age, what stands out." maxlength="200" />
            <x-field name="born_on" label="Born on" type="date" />
            <div class="form-check mb-2">
                <input class="form-check-input" type="checkbox" id="bite" name="bite_history" value="1" @checked(old('bite_history'))>
                <label class="form-check-label" for="bite">Has bitten. Plans then keep to the cautious limits; work only with a qualified behavior professional.</label>
            </div>
            <div class="form-check mb-3">
                <input class="form-check-input" type="checkbox" id="hides" name="hides_signs" value="1" @checked(old('hides_signs'))>
                <label class="form-check-label" for="hides">Has learned to hide its signs (for example after corrections). Small signs then count as medium.</label>
            </div>
            <x-field name="health_note" label="Health" hint="A sudden change, pain on touch or stiffness: vet first." maxlength="2000" />
            <button class="btn btn-next">Add</button>
        </form>
    </div></div>
</x-layout>
