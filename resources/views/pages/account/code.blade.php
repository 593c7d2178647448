<x-layout :title="say('account.code.title')">
    <div class="row justify-content-center">
        <div class="col-md-8 col-lg-6">
            <h1>{{ say('account.code.title') }}</h1>
            <p>{{ say('account.code.about') }}</p>
            <x-problems :head="say('sign_in.sign_in.not_signed_in')" />
            <form method="post" action="{{ route('sign-in.code') }}">
                @csrf
                <x-field name="code" :label="say('account.code.code')" inputmode="text" autocomplete="one-time-code" maxlength="20" required
                    autofocus />
                <button class="btn btn-next">{{ say('sign_in.sign_in.sign_in') }}</button>
            </form>
        </div>
    </div>
</x-layout>
