@use('App\Home\HomeBoard')
<x-layout :title="say('homework.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <div class="d-flex flex-wrap justify-content-between align-items-start gap-2">
        <h1>{{ say('homework.title', ['dog' => $dog->name]) }}</h1>
        <div class="d-flex flex-wrap gap-2">
            @foreach($plans as $plan)<a class="btn btn-outline-primary" href="{{ route('homework.create', [$dog, 'plan' => $plan->id]) }}">{{ say('homework.create.from_plan', ['plan' => $plan->name]) }}</a>@endforeach
            <a class="btn btn-next" href="{{ route('homework.create', $dog) }}">{{ say('homework.give_own') }}</a>
        </div>
    </div>
    <x-problems />
    @php($unseen = $wrong->whereNull('seen_at'))
    @php($unread = $messages->where('is_from_home', true)->whereNull('read_at'))
    @if($wrong->isNotEmpty())
        <section class="@if($unseen->isNotEmpty()) alert alert-danger @endif" aria-labelledby="wrong-head">
            <h2 class="h5 mt-0" id="wrong-head">{{ say('homework.board.wrong_head') }}</h2>
            <ul class="list-unstyled mb-2">@foreach($wrong as $rep)<li class="mb-1 d-flex flex-wrap justify-content-between gap-2"><span
                class="{{ $rep->seen_at ? 'text-body-secondary' : 'fw-bold' }}">{{ say('homework.board.wrong_line', ['answer' => $rep->answer->value,
                'task' => $rep->homework->name, 'at' => words()->formats->dateTime($rep->occurred_at),
                'by' => $rep->by() ?? say('homework.board.somebody')]) }}</span></li>@endforeach</ul>
            @if($unseen->isNotEmpty())<form method="post" action="{{ route('home-seen', $dog) }}">@csrf<button
                class="btn btn-primary">{{ say('homework.board.seen') }}</button></form>@endif
        </section>
    @endif

    @if($going->isEmpty())
        <p class="card card-body">{{ say('homework.none') }}</p>
    @else
        <h2>{{ say('homework.board.days') }}</h2>
        <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('homework.board.days') }}">
            <table class="table">
                <thead><tr><th scope="col">{{ say('homework.board.task') }}</th>@foreach($columns as $column)<th scope="col"
                    class="text-nowrap">{{ words()->formats->monthDay($column['day']) }}</th>@endforeach</tr></thead>
                <tbody>
                    @foreach($going as ['homework' => $task, 'days' => $ofTask])
                        <tr><th scope="row">{{ $task->name }}</th>@foreach($columns as $column)<td
                            class="{{ ($ofTask[$column['number']] ?? null)?->wentWrong() ? 'fw-bold' : '' }}">{{ HomeBoard::cell($ofTask[$column['number']] ?? null) }}</td>@endforeach</tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <ul class="list-group mb-3">
            @foreach($going as ['homework' => $task, 'isOpen' => $isOpen, 'isOver' => $isOver])
                <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                    <span><strong>{{ $task->name }}</strong>: {{ $task->what }} <span class="text-body-secondary">{{ say('homework.board.told', [
                        'times' => $task->times_a_day, 'hasUntil' => $task->until_on !== null,
                        'until' => $task->until_on ? words()->formats->day($task->until_on) : '', 'by' => $task->user->name]) }}</span>
                        @if($task->class_uuid) <a href="{{ route('home-class', $task) }}">{{ say('homework.class.link') }}<span class="visually-hidden">: {{ $task->name }}</span></a>@endif
                        @if($isOver) <strong>{{ say('homework.board.is_over') }}</strong>@endif
                        @if(! $isOpen && $task->after) <br>{{ say('homework.board.not_open', ['count' => (int) $task->good_days, 'after' => $task->after->name]) }}@endif</span>
                    <span class="d-flex gap-2">
                        @if(! $isOpen)<form method="post" action="{{ route('home-open', $task) }}">@csrf<button
                            class="btn btn-outline-primary">{{ say('homework.board.open') }}<span class="visually-hidden">: {{ $task->name }}</span></button></form>@endif
                        <form method="post" action="{{ route('homework.end', $task) }}">@csrf @method('delete')<button
                            class="btn btn-outline-secondary">{{ say('homework.board.end') }}<span class="visually-hidden">: {{ $task->name }}</span></button></form>
                    </span>
                </li>
            @endforeach
        </ul>
        <p class="d-flex flex-wrap gap-3">
            <a href="{{ route('homework.sheet', $dog) }}">{{ say('homework.sheet.print') }}</a>
            <a href="{{ route('homework.paper', $dog) }}">{{ say('homework.paper.link') }}</a>
            <a href="{{ route('at-home', $dog) }}">{{ say('homework.links.own') }}</a>
        </p>
    @endif
    <div class="row g-4">
        <section class="col-lg-6" id="messages" aria-labelledby="messages-head">
            <h2 id="messages-head">{{ say('homework.messages.title') }}</h2>
            @if($messages->isEmpty())<p>{{ say('homework.messages.none') }}</p>@endif
            <ul class="list-unstyled">@foreach($messages->take(10)->reverse() as $message)<li class="mb-2"><strong>{{ $message->by() ?? say('homework.board.somebody') }}</strong> <span
                class="text-body-secondary">{{ words()->formats->dateTime($message->sent_at) }}</span><br>{{ $message->body }}</li>@endforeach</ul>
            @if($unread->isNotEmpty() && $unseen->isEmpty())<form method="post" action="{{ route('home-seen', $dog) }}" class="mb-3">@csrf<button
                class="btn btn-outline-primary">{{ say('homework.messages.read') }}</button></form>@endif
            <form method="post" action="{{ route('messages.store', $dog) }}">
                @csrf
                <x-text name="message" :label="say('homework.messages.write')" maxlength="1000" required />
                <button class="btn btn-primary">{{ say('homework.messages.send') }}</button>
            </form>
        </section>
        <section class="col-lg-6" id="links" aria-labelledby="links-head">
            <h2 id="links-head">{{ say('homework.links.title') }}</h2>
            <p>{{ say('homework.links.about') }}</p>
            @if(session('home-link'))<x-link-once :link="session('home-link')" :about="say('homework.links.by_hand')" :code="true" />@endif
            <ul class="list-group mb-3">@foreach($links as $link)<li class="list-group-item d-flex flex-wrap justify-content-between gap-2"><span>{{ say('homework.links.line', [
                'name' => $link->person->name, 'until' => words()->formats->day($link->ends_at), 'isOpened' => $link->opened_at !== null,
                'opened' => $link->opened_at ? words()->formats->dateTime($link->opened_at) : '']) }}</span><form method="post"
                action="{{ route('home-links.destroy', $link) }}">@csrf @method('delete')<button class="btn btn-outline-secondary">{{ say('homework.links.close') }}<span
                class="visually-hidden">: {{ $link->person->name }}</span></button></form></li>@endforeach</ul>
            <form method="post" action="{{ route('home-links.store', $dog) }}">
                @csrf
                <x-choice name="person_id" :label="say('homework.links.person')" :options="$people" />
                <div class="row">
                    <div class="col-sm-6"><x-choice name="link_days" :label="say('homework.links.days')" :value="30"
                        :options="collect($days)->mapWithKeys(fn ($of) => [$of => say('homework.create.days_for', ['days' => $of])])->all()" /></div>
                    <div class="col-sm-6"><x-choice name="language" :label="say('homework.links.language')"
                        :options="labels('homework.links.languages', $languages)" /></div>
                </div>
                <button class="btn btn-primary">{{ say('homework.links.make') }}</button>
            </form>
        </section>
    </div>
    @if($latest->isNotEmpty())
        <details class="mt-3"><summary>{{ say('homework.board.latest') }}</summary>
            <ul class="list-unstyled mt-2">@foreach($latest as $rep)<li class="mb-1 d-flex flex-wrap justify-content-between gap-2"><span>{{ say('homework.board.rep', [
                'at' => words()->formats->dateTime($rep->occurred_at), 'task' => $rep->homework->name, 'answer' => say("homework.answers.{$rep->answer->value}"),
                'hasSeconds' => $rep->seconds !== null, 'seconds' => $rep->seconds, 'isPaper' => $rep->is_from_paper,
                'by' => $rep->by() ?? say('homework.board.somebody')]) }}</span><form method="post"
                action="{{ route('home-reps.take-out', $rep) }}">@csrf @method('delete')<button class="btn btn-sm btn-outline-secondary">{{ say('homework.board.take_out') }}<span
                class="visually-hidden">: {{ words()->formats->dateTime($rep->occurred_at) }}</span></button></form></li>@endforeach</ul>
        </details>
    @endif
    @if($ended->isNotEmpty())
        <details class="mt-3"><summary>{{ say('homework.board.ended') }}</summary>
            <ul class="mt-2">@foreach($ended as $task)<li>{{ $task->name }}: {{ $task->what }}</li>@endforeach</ul></details>
    @endif
</x-layout>
