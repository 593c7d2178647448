<x-layout :title="say('account.reset.title')">
    <div class="row justify-content-center">
        <div class="col-md-8 col-lg-6">
            <h1>{{ say('account.reset.title') }}</h1>
            <p>{{ say('account.reset.for', ['name' => $user->name]) }}</p>
            <x-problems />
            <form method="post" action="{{ route('password.reset', $token) }}">
                @csrf
                <input type="text" class="visually-hidden" tabindex="-1" aria-hidden="true" autocomplete="username" value="{{ $user->email }}"
                    readonly>
                <x-field name="password" :label="say('account.new')" type="password" autocomplete="new-password"
                    :hint="say('account.password_about', ['least' => App\Account\PasswordRule::LEAST])" required />
                <button class="btn btn-next">{{ say('account.reset.keep') }}</button>
            </form>
        </div>
    </div>
</x-layout>
