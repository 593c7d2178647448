<x-layout :title="say('account.join.title', ['practice' => $invitation->practice->name])">
    <div class="row justify-content-center">
        <div class="col-md-8 col-lg-6">
            <h1>{{ say('account.join.title', ['practice' => $invitation->practice->name]) }}</h1>
            <p>{{ say('account.join.as_'.$invitation->role->value, ['by' => $invitation->user->name,
                'dog' => $invitation->dog?->name, 'hasDog' => $invitation->dog !== null]) }}</p>
            <x-problems />
            <form method="post" action="{{ route('invitations.show', $token) }}">
                @csrf
                <p class="mb-2">{{ say('account.join.address', ['email' => $invitation->email]) }}</p>
                <input type="text" class="visually-hidden" tabindex="-1" aria-hidden="true" autocomplete="username"
                    value="{{ $invitation->email }}" readonly>
                <x-field name="name" :label="say('account.name')" :value="$invitation->name" maxlength="120" autocomplete="name" required />
                <x-field name="password" :label="say('account.choose_password')" type="password" autocomplete="new-password"
                    :hint="say('account.password_about', ['least' => App\Account\PasswordRule::LEAST])" required />
                <button class="btn btn-next">{{ say('account.join.join') }}</button>
            </form>
        </div>
    </div>
</x-layout>
