@use('App\Models\Role')
<x-layout :title="$person->name">
    <p class="mb-1"><a href="{{ route('people.index') }}">{{ say('people.title') }}</a></p>
    <div class="d-flex flex-wrap justify-content-between align-items-center gap-2"><h1 class="mb-0">{{ $person->name }}</h1>
        <div class="d-flex flex-wrap gap-2"><a class="btn btn-outline-primary" href="{{ route('person-hours', $person) }}">{{ say('week.hours.link') }}</a><a
            class="btn btn-outline-primary" href="{{ route('person-calendar', $person) }}">{{ say('week.calendar.link') }}</a></div></div>
    <x-problems />
    <div class="row g-4">
        <div class="col-lg-6">
            <form method="post" action="{{ route('people.update', $person) }}">
                @csrf @method('put')
                <h2 class="mt-0">{{ say('people.who') }}</h2>
                @include('partials.person-fields')
                <button class="btn btn-primary">{{ say('account.save') }}</button>
            </form>
            <x-archive :action="route('people.archive-it', $person)" :archived-at="$person->archived_at"
                :about="say('people.archive_about')" />
            @can('manage', $person)
                <p class="mt-4 mb-0"><a href="{{ route('people.data', $person) }}" download>{{ say('people.data.file') }}</a></p>
                <x-erase :action="route('people.data', $person)" :name="$person->name" />
            @endcan
        </div>
        <div class="col-lg-6">
            <section aria-labelledby="sign-in-head">
                <h2 class="mt-0" id="sign-in-head">{{ say('people.sign_in.title') }}</h2>
                @if(session('link'))<x-link-once :link="session('link')" :about="say('people.sign_in.link_by_hand')" />@endif
                @if($person->user)
                    <p>{{ say('people.sign_in.signs_in', ['email' => $person->user->email, 'role' => words()->label($person->user->role),
                        'isOff' => $person->user->disabled_at !== null, 'hasSecond' => $person->user->hasSecondFactor()]) }}</p>
                    @if($person->user->shows_timing && auth()->user()->role->managesPractice())<p><a
                        href="{{ route('timing.of', $person->user_id) }}">{{ say('timing.sharing.look', ['name' => $person->name]) }}</a></p>@endif
                    @can('manage', $person)
                        <form method="post" action="{{ route('people.sign-in', $person) }}" class="mb-3">
                            @csrf @method('put')
                            <x-choice name="role" :label="say('people.sign_in.role')" :options="cases(Role::cases())"
                                :value="$person->user->role->value" :hint="say('people.sign_in.roles_about')" />
                            <button class="btn btn-primary">{{ say('people.sign_in.change_role') }}</button>
                        </form>
                        <form method="post" action="{{ route('people.sign-in', $person) }}">
                            @csrf @if($person->user->disabled_at === null) @method('delete') @endif
                            <p class="mb-2">{{ say('people.sign_in.off_about', ['isOff' => $person->user->disabled_at !== null]) }}</p>
                            <button class="btn btn-outline-primary">{{ say('people.sign_in.turn',
                                ['isOff' => $person->user->disabled_at !== null]) }}</button>
                        </form>
                    @endcan
                @elseif($invitation)
                    <p>{{ say('people.sign_in.invited_since', ['email' => $invitation->email,
                        'day' => words()->formats->date($invitation->made_at), 'role' => words()->label($invitation->role)]) }}</p>
                    @can('manage', $person)
                        <form method="post" action="{{ route('people.send-invitation', $person) }}">@csrf @method('delete')<button
                            class="btn btn-outline-primary">{{ say('people.sign_in.withdraw') }}</button></form>
                    @endcan
                @else
                    <p>{{ say('people.sign_in.none_yet', ['name' => $person->name]) }}</p>
                @endif
                @can('manage', $person)
                    @if(! $person->user)
                        <form method="post" action="{{ route('people.send-invitation', $person) }}" class="mt-3">
                            @csrf
                            <h3 class="h5">{{ say('people.sign_in.invite_head', ['again' => $invitation !== null]) }}</h3>
                            <x-field name="email" :label="say('account.email')" :value="$invitation?->email" type="email" maxlength="190"
                                required />
                            <x-choice name="role" :label="say('people.sign_in.role')" :options="cases(Role::cases())"
                                :value="$invitation?->role->value ?? ($person->client_id ? 'guardian' : 'trainer')"
                                :hint="say('people.sign_in.roles_about')" />
                            <x-choice name="dog_id" :label="say('people.sign_in.dog')" :options="$dogs" :value="$invitation?->dog_id"
                                :empty="say('people.sign_in.no_dog')" :hint="say('people.sign_in.dog_about')" />
                            <button class="btn btn-next">{{ say('people.sign_in.invite') }}</button>
                        </form>
                    @endif
                @endcan
            </section>
            @if($inCharge->isNotEmpty())
                <section aria-labelledby="charge-head">
                    <h2 id="charge-head">{{ say('people.in_charge_of') }}</h2>
                    <ul>@foreach($inCharge as $dog)<li><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></li>@endforeach</ul>
                    @can('manage', $person)
                        @if($trainers->isNotEmpty())
                            <form method="post" action="{{ route('people.move-dogs', $person) }}">
                                @csrf
                                <x-choice name="trainer_id" :label="say('people.move_to')" :options="$trainers"
                                    :hint="say('people.move_about')" />
                                <button class="btn btn-outline-primary">{{ say('people.move') }}</button>
                            </form>
                        @endif
                    @endcan
                </section>
            @endif
            @if($plans->isNotEmpty())
                <section aria-labelledby="plans-head">
                    <h2 id="plans-head">{{ say('people.handles') }}</h2>
                    <ul>@foreach($plans as $plan)<li><a href="{{ route('plans.show',
                        $plan) }}">{{ $plan->responseModel->dog->name }}: {{ $plan->name }}</a></li>@endforeach</ul>
                </section>
            @endif
        </div>
    </div>
</x-layout>
