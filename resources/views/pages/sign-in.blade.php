<x-layout :title="say('sign_in.sign_in.sign_in')">
    <div class="row justify-content-center">
        <div class="col-md-7 col-lg-5">
            <h1>{{ say('sign_in.sign_in.sign_in') }}</h1>
            <p>{{ say('sign_in.sign_in.plans_trials_and_step_by_step') }}</p>
            <x-problems :head="say('sign_in.sign_in.not_signed_in')" />
            <form method="post" action="{{ route('sign-in') }}">
                @csrf
                <x-field name="email" :label="say('sign_in.sign_in.email_address')" type="email" autocomplete="username" required
                    autofocus />
                <x-field name="password" :label="say('sign_in.sign_in.password')" type="password" autocomplete="current-password"
                    required />
                <div class="form-check mb-3">
                    <input class="form-check-input" type="checkbox" id="remember" name="remember" value="1">
                    <label class="form-check-label" for="remember">{{ say('sign_in.sign_in.stay_signed_in_on_this_device') }}</label>
                </div>
                <button class="btn btn-next">{{ say('sign_in.sign_in.sign_in') }}</button>
            </form>
            <p class="mt-3"><a href="{{ route('password.forgotten') }}">{{ say('account.forgotten.title') }}</a></p>
        </div>
    </div>
</x-layout>
