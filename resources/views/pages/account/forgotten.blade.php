<x-layout :title="say('account.forgotten.title')">
    <div class="row justify-content-center">
        <div class="col-md-8 col-lg-6">
            <h1>{{ say('account.forgotten.title') }}</h1>
            <p>{{ say('account.forgotten.about') }}</p>
            <x-problems />
            <form method="post" action="{{ route('password.forgotten') }}">
                @csrf
                <x-field name="email" :label="say('account.email')" type="email" autocomplete="username" maxlength="190" required autofocus />
                <button class="btn btn-next">{{ say('account.forgotten.send') }}</button>
            </form>
            <p class="mt-3"><a href="{{ route('sign-in') }}">{{ say('account.forgotten.back') }}</a></p>
        </div>
    </div>
</x-layout>
