@props(['action', 'name'])
<details class="mt-4" @if($errors->has('confirm_name')) open @endif>
    <summary>{{ say('people.data.erase_head') }}</summary>
    <p class="mt-2">{{ say('people.data.erase_about') }}</p>
    <form method="post" action="{{ $action }}">
        @csrf @method('delete')
        <x-field name="confirm_name" :label="say('people.data.confirm', ['name' => $name])" maxlength="120" autocomplete="off" required />
        <button class="btn btn-danger">{{ say('people.data.erase') }}</button>
    </form>
</details>
