<x-layout :title="say('account.title')">
    <h1>{{ say('account.title') }}</h1>
    <x-problems />
    <div class="row g-4">
        <div class="col-lg-6">
            <form method="post" action="{{ route('account.update') }}">
                @csrf @method('put')
                <h2 class="mt-0">{{ say('account.who') }}</h2>
                <p>{{ say('account.signed_in_as', ['role' => words()->label($user->role), 'practice' => $user->practice->name]) }}</p>
                <x-field name="name" :label="say('account.name')" :value="$user->name" maxlength="120" autocomplete="name" required />
                <x-field name="email" :label="say('account.email')" :value="$user->email" type="email" maxlength="190"
                    autocomplete="username" :hint="say('account.email_about')" required />
                <div class="mb-3">
                    <label class="form-label mb-1" for="p-email">{{ say('account.current_if_email') }}</label>
                    <input class="form-control" type="password" id="p-email" name="current_password" autocomplete="current-password">
                </div>
                <button class="btn btn-primary">{{ say('account.save') }}</button>
            </form>
            <form method="post" action="{{ route('account.password') }}" class="mt-4">
                @csrf @method('put')
                <h2>{{ say('account.password') }}</h2>
                <x-field name="current_password" :label="say('account.current')" type="password" autocomplete="current-password" required />
                <x-field name="password" :label="say('account.new')" type="password" autocomplete="new-password"
                    :hint="say('account.password_about', ['least' => App\Account\PasswordRule::LEAST])" required />
                <button class="btn btn-primary">{{ say('account.change_password') }}</button>
            </form>
        </div>
        <div class="col-lg-6">
            <section id="second-factor" aria-labelledby="second-factor-head">
                <h2 class="mt-0" id="second-factor-head">{{ say('account.second_factor.title') }}</h2>
                @if($codes !== [])
                    <div class="alert alert-warning">
                        <p class="fw-bold mb-1">{{ say('account.second_factor.keep_these') }}</p>
                        <p>{{ say('account.second_factor.each_opens_once') }}</p>
                        <ul class="recovery-codes">@foreach($codes as $code)<li><code>{{ $code }}</code></li>@endforeach</ul>
                    </div>
                @endif
                @if($user->hasSecondFactor())
                    <p>{{ say('account.second_factor.on_since', ['day' => words()->formats->date($user->totp_since),
                        'left' => count($user->recovery_codes ?? [])]) }}</p>
                    <form method="post" action="{{ route('account.second-factor') }}" class="mb-3">
                        @csrf @method('delete')
                        <div class="mb-2"><label class="form-label mb-1" for="p-off">{{ say('account.current') }}</label><input
                            class="form-control" type="password" id="p-off" name="current_password" autocomplete="current-password"
                            required></div>
                        <button class="btn btn-outline-primary">{{ say('account.second_factor.turn_off') }}</button>
                    </form>
                @elseif($address !== null)
                    <p>{{ say('account.second_factor.read_this') }}</p>
                    <div class="drawn-code" data-drawn-code="{{ $address }}" role="img"
                        aria-label="{{ say('account.second_factor.drawn') }}"></div>
                    <p>{{ say('account.second_factor.or_type') }} <code>{{ chunk_split($user->totp_secret, 4, ' ') }}</code></p>
                    <form method="post" action="{{ route('account.second-factor') }}">
                        @csrf @method('put')
                        <x-field name="code" :label="say('account.second_factor.code')" inputmode="numeric" autocomplete="one-time-code"
                            maxlength="20" required />
                        <button class="btn btn-next">{{ say('account.second_factor.turn_on') }}</button>
                    </form>
                @else
                    <p>{{ say('account.second_factor.about') }}</p>
                    <form method="post" action="{{ route('account.second-factor') }}">
                        @csrf
                        <button class="btn btn-primary">{{ say('account.second_factor.begin') }}</button>
                    </form>
                @endif
            </section>
            <section aria-labelledby="devices-head">
                <h2 id="devices-head">{{ say('account.devices.title') }}</h2>
                <ul class="list-group mb-3">
                    @foreach($devices as $device)
                        <li class="list-group-item d-flex flex-wrap justify-content-between align-items-center gap-2">
                            <span><strong>{{ $device->name }}</strong>@if($device->id === $thisDevice) {{ say('account.devices.this') }}@endif<br>
                                <span class="text-body-secondary">{{ say('account.devices.seen', [
                                    'seen' => words()->formats->dateTime($device->seen_at), 'address' => $device->address,
                                    'isRemembered' => $device->is_remembered]) }}</span></span>
                            @if($device->id !== $thisDevice)
                                <form method="post" action="{{ route('account.devices.end', $device->id) }}">
                                    @csrf @method('delete')
                                    <button class="btn btn-outline-primary">{{ say('account.devices.end') }}<span
                                        class="visually-hidden">: {{ $device->name }}</span></button>
                                </form>
                            @endif
                        </li>
                    @endforeach
                </ul>
                @if($devices->count() > 1)
                    <form method="post" action="{{ route('account.devices.end-others') }}">
                        @csrf @method('delete')
                        <button class="btn btn-outline-primary">{{ say('account.devices.end_others') }}</button>
                    </form>
                @endif
            </section>
        </div>
    </div>
</x-layout>
