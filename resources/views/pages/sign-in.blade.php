<x-layout title="Sign in">
    <div class="row justify-content-center">
        <div class="col-md-7 col-lg-5">
            <h1>Sign in</h1>
            <p>Plans, trials and step-by-step advice that keep a dog below threshold.</p>
            <x-problems />
            <form method="post" action="{{ route('sign-in') }}">
                @csrf
                <x-field name="email" label="Email address" type="email" autocomplete="username" required autofocus />
                <x-field name="password" label="Password" type="password" autocomplete="current-password" required />
                <div class="form-check mb-3">
                    <input class="form-check-input" type="checkbox" id="remember" name="remember" value="1">
                    <label class="form-check-label" for="remember">Stay signed in on this device</label>
                </div>
                <button class="btn btn-next">Sign in</button>
            </form>
        </div>
    </div>
</x-layout>
