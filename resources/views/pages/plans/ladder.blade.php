<x-layout :title="'Ladder: '.$plan->name">
    <p class="mb-1"><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a> · <a href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>Change the ladder</h1>
    @include('partials.ladder-board')
</x-layout>
