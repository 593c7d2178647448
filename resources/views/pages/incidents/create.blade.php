@use('App\Upsets\IncidentFacts')
<x-layout :title="'Incident: '.$dog->name">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>An incident with {{ $dog->name }}</h1>
    <p>Dog secured, wound washed, medical advice first. Facts, not levels; no blame. Rules on reporting, muzzle and leash are local: check them. All plans of {{ $dog->name }} rest until a named person has reviewed them.</p>
    <x-problems />
    <form method="post" action="{{ route('incidents.store', $dog) }}">
        @csrf
        <input type="hidden" name="uuid" value="{{ old('uuid', $uuid) }}">
        <div class="row">
            <div class="col-sm-6"><x-field name="occurred_at" label="When" type="datetime-local" :hint="'Local time, '.$zone.'.'" required /></div>
            <div class="col-sm-6"><x-field name="where" label="Where" maxlength="120" required /></div>
            @foreach(IncidentFacts::ASKED as $field => [$question, $answers])
                <div class="col-sm-6 col-lg-4"><x-choice :name="$field" :label="$question" :options="$answers" empty="choose" /></div>
            @endforeach
        </div>
        <x-text name="before" label="What came before" hint="Who did what, what the dog showed, how near." maxlength="1000" required />
        <x-text name="treatment" label="Treatment" maxlength="500" />
        <fieldset class="mb-3"><legend class="h6">Who was told</legend>
            @foreach(IncidentFacts::TOLD as $key => $words)
                <div class="form-check"><input class="form-check-input" type="checkbox" name="told[]" value="{{ $key }}" id="t-{{ $key }}" @checked(in_array($key, old('told', []), true))><label class="form-check-label" for="t-{{ $key }}">{{ $words }}</label></div>
            @endforeach
        </fieldset>
        <x-field name="told_note" label="Note on that" maxlength="300" />
        <button class="btn btn-next">Keep it on record</button>
    </form>
</x-layout>
