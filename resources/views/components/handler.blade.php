@props(['label', 'options', 'value' => null, 'hint' => null, 'empty' => null])
{{-- Who handles: one of those who are known, or somebody named on the spot. --}}
<x-choice name="person_id" :label="$label" :options="$options" :value="$value" :hint="$hint" :empty="$empty" />
<details class="mb-3" @if(typed('person_name') || $errors->has('person_name')) open @endif>
    <summary>{{ say('people.somebody_else') }}</summary>
    <div class="mt-2"><x-field name="person_name" :label="say('people.their_name')" :hint="say('people.their_name_about')"
        maxlength="120" /></div>
</details>
