<x-layout :title="say('week.practice.title')">
    <p class="mb-1"><a href="{{ route('practice') }}">{{ say('practice.title') }}</a></p>
    <h1>{{ say('week.practice.title') }}</h1>
    <x-problems />
    <div class="row g-4">
        <form method="post" action="{{ route('practice-hours') }}" class="col-lg-6">
            @csrf @method('put')
            <x-field name="travel_minutes" inputmode="numeric" :label="say('week.practice.travel')" :hint="say('week.practice.travel_about')"
                :value="$practice->travel_minutes" required />
            <fieldset><legend class="h5">{{ say('week.practice.hot') }}</legend>
                <div class="row">
                    @foreach(['hot_from_month', 'hot_until_month'] as $field)<div class="col-6"><x-field :name="$field" inputmode="numeric"
                        :label="say('week.practice.'.$field)" :value="$practice->$field" required /></div>@endforeach
                    @foreach(['hot_from', 'hot_until'] as $field)<div class="col-6"><x-field :name="$field" type="time" :label="say('week.practice.'.$field)"
                        :value="App\Support\MinuteOfDay::text($practice->$field)" required /></div>@endforeach
                </div>
            </fieldset>
            <button class="btn btn-primary">{{ say('account.save') }}</button>
        </form>
        <div class="col-lg-6">
            <h2 class="h5 mt-0">{{ say('week.practice.closed') }}</h2>
            @if($closed->isEmpty())<p>{{ say('week.practice.closed_none') }}</p>@endif
            <ul class="list-group mb-3">
                @foreach($closed as $one)
                    <li class="list-group-item d-flex flex-wrap justify-content-between align-items-center gap-2">{{ say('week.practice.closed_one', [
                        'from' => words()->formats->day($one->from_on), 'until' => words()->formats->day($one->until_on), 'name' => $one->name]) }}
                        <form method="post" action="{{ route('closed-days.destroy', $one) }}">@csrf @method('delete')<button
                            class="btn btn-outline-secondary">{{ say('week.practice.open') }}<span class="visually-hidden">: {{ $one->name }}</span></button></form></li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('closed-days.store') }}" class="card card-body">
                @csrf
                <div class="row">
                    <div class="col-6"><x-field name="from_on" type="date" :label="say('week.practice.from_on')" required /></div>
                    <div class="col-6"><x-field name="until_on" type="date" :label="say('week.practice.until_on')" required /></div>
                </div>
                <x-field name="name" :label="say('week.practice.name')" maxlength="80" required />
                <div><button class="btn btn-primary">{{ say('week.practice.close') }}</button></div>
            </form>
        </div>
    </div>
</x-layout>
