@use('App\Api\ApiTokens')
@use('App\Models\ApiScope')
<x-layout :title="say('api.title')">
    <h1>{{ say('api.title') }}</h1>
    <p>{{ say('api.about') }} <a href="{{ route('api-document') }}">{{ say('api.document') }}</a></p>
    @if(session('api-token'))<x-link-once :link="session('api-token')" :about="say('api.once')" />@endif
    <x-problems />
    <form method="post" action="{{ route('api-tokens') }}" class="card card-body mb-4">
        @csrf
        <div class="row">
            <div class="col-md-6"><x-field name="program" :label="say('api.program')" :hint="say('api.program_about')" maxlength="80" required /></div>
            <div class="col-md-6"><x-choice name="token_days" :label="say('api.ends_after')"
                :options="array_combine(ApiTokens::DAYS, array_map(fn ($days) => say('api.days', ['count' => $days]), ApiTokens::DAYS))" value="90" /></div>
        </div>
        <fieldset class="mb-3"><legend class="h6">{{ say('api.it_may') }}</legend>
            @foreach(labels('api.scopes', array_column(ApiScope::cases(), 'value')) as $scope => $label)
                <div class="form-check"><input class="form-check-input" type="checkbox" name="scopes[]" value="{{ $scope }}" id="s-{{ $scope }}"
                    @checked(in_array($scope, ticked('scopes', ['read']), true))><label class="form-check-label" for="s-{{ $scope }}">{{ $label }}</label></div>
            @endforeach
        </fieldset>
        <div><button class="btn btn-primary">{{ say('api.make') }}</button></div>
    </form>
    <h2>{{ say('api.let_in') }}</h2>
    @if($tokens->isEmpty())<p>{{ say('api.none') }}</p>@endif
    <ul class="list-group">
        @foreach($tokens as $token)
            <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                <span><strong>{{ $token->name }}</strong> <span class="text-body-secondary">{{ say('api.as', ['person' => $token->user->name,
                    'scopes' => collect($token->scopes)->map(fn ($scope) => say("api.scopes.{$scope}"))->implode('; ')]) }}<br>{{ say('api.state', [
                    'isClosed' => $token->closed_at !== null, 'isOver' => $token->ends_at <= now(), 'day' => words()->formats->date($token->ends_at),
                    'isUsed' => $token->used_at !== null, 'used' => words()->formats->dateTime($token->used_at ?? $token->created_at)]) }}</span></span>
                @if($token->closed_at === null && $token->ends_at > now())<form method="post" action="{{ route('api-tokens.destroy', $token) }}">@csrf @method('DELETE')<button
                    class="btn btn-sm btn-outline-danger">{{ say('api.close') }}<span class="visually-hidden">: {{ $token->name }}</span></button></form>@endif
            </li>
        @endforeach
    </ul>
</x-layout>
