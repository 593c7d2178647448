<x-layout :title="say('account.link.title')">
    <div class="row justify-content-center">
        <div class="col-md-8 col-lg-6">
            <h1>{{ say('account.link.title') }}</h1>
            <p>{{ say("account.link.{$of}") }}</p>
            <a class="btn btn-primary" href="{{ route('sign-in') }}">{{ say('sign_in.sign_in.sign_in') }}</a>
        </div>
    </div>
</x-layout>
