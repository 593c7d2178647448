<x-layout :title="say('futures.title_of', ['plan' => $plan->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a> · <a
        href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>{{ say('futures.title') }}</h1>
    <p>{{ say('futures.about', ['ways' => App\Models\PlanFuture::WAYS, 'dog' => $plan->responseModel->dog->name]) }}</p>
    <p class="text-body-secondary">{{ say('futures.cannot_know') }}</p>
    <x-problems />
    @if(! $canAsk)
        <p class="card card-body">{{ say('futures.not_yet', ['least' => App\Future\AskFuture::LEAST_SESSIONS]) }}</p>
    @else
        <form method="post" action="{{ route('futures.index', $plan) }}" class="card card-body mb-4">
            @csrf
            <p class="mb-2">{{ say('futures.what_if') }}</p>
            <div class="row">
                <div class="col-sm-6 col-lg-3"><x-field name="trials" :label="say('futures.fields.trials')" inputmode="numeric" :hint="say('futures.now', ['value' => words()->formats->number(App\Future\AskFuture::trialsNow($plan))])" /></div>
                <div class="col-sm-6 col-lg-3"><x-field name="outings" :label="say('futures.fields.outings')" inputmode="decimal" :hint="say('futures.now', ['value' => words()->formats->number($plan->outings_a_week)])" /></div>
                <div class="col-sm-6 col-lg-3"><x-field name="run" :label="say('futures.fields.run')" inputmode="numeric" :hint="say('futures.run_now')" /></div>
                <div class="col-sm-6 col-lg-3"><x-choice name="caution" :label="say('futures.fields.caution')" :options="labels('futures.cautions', ['usual', 'careful'])" :empty="say('futures.as_now')" /></div>
            </div>
            <div><button class="btn btn-next">{{ say('futures.look') }}</button></div>
        </form>
    @endif
    @if($futures->isNotEmpty())<h2>{{ say('futures.so_far') }}</h2>@endif
    @foreach($futures as $future)@include('partials.future')@endforeach
</x-layout>
