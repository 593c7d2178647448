<x-layout :title="say('account.set_up.title')">
    <div class="row justify-content-center">
        <div class="col-md-8 col-lg-6">
            <h1>{{ say('account.set_up.title') }}</h1>
            <p>{{ say('account.set_up.about') }}</p>
            <x-problems />
            <form method="post" action="{{ route('set-up.show', $token) }}">
                @csrf
                <h2 class="h5">{{ say('account.set_up.practice') }}</h2>
                <x-field name="practice" :label="say('practice.name')" maxlength="120" required />
                <x-field name="town" :label="say('practice.town')" maxlength="120" />
                <x-zone :zones="$zones" />
                <h2 class="h5">{{ say('account.set_up.owner') }}</h2>
                <x-field name="name" :label="say('account.name')" maxlength="120" autocomplete="name" required />
                <x-field name="email" :label="say('account.email')" type="email" maxlength="190" autocomplete="username" required />
                <x-field name="password" :label="say('account.choose_password')" type="password" autocomplete="new-password"
                    :hint="say('account.password_about', ['least' => App\Account\PasswordRule::LEAST])" required />
                <button class="btn btn-next">{{ say('account.set_up.make') }}</button>
            </form>
        </div>
    </div>
</x-layout>
