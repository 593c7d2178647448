@use('Core\Homework\Answer')
@use('App\Home\ReceiveHomeEntry')
@php($language = words()->reader->language)
<x-home :title="say('home.title', ['dog' => $dog->name])" :manifest="$manifest">
    <div data-home="{{ $entriesPath }}" data-state="{{ json_encode($state) }}" data-saved="{{ say('home.all_sent') }}"
        data-waits="{{ say('home.not_sent') }}" data-sign-in="{{ say('home.sign_in_again') }}" data-gone="{{ say('home.ended.title') }}">
        <div class="d-flex justify-content-between align-items-start gap-2">
            <h1>{{ say('home.title', ['dog' => $dog->name]) }}</h1>
            <a class="py-2" href="{{ $path }}?language={{ $language === 'es' ? 'en' : 'es' }}" lang="{{ $language === 'es' ? 'en' : 'es' }}">{{ say('home.language') }}</a>
        </div>
        <p class="text-body-secondary">{{ words()->formats->weekday($now) }}</p>
        @if($told)<p class="alert alert-warning" role="alert">{{ $told }}</p>@endif
        @if($tasks !== [])<p>{{ say('home.before', ['dog' => $dog->name]) }}</p>@endif
        <div data-off @if($dayOff === null) hidden @endif><p class="home-off">@foreach(ReceiveHomeEntry::DAYS_OFF as $off)<span
            data-off-as="{{ $off }}" @if($dayOff !== $off) hidden @endif>{{ say("home.is_off.{$off}") }}</span>@endforeach</p></div>
        @if($isResting)<p class="alert alert-warning">{{ say('home.resting') }}</p>@endif
        @if($tasks === [] && ! $isResting)<p class="lead">{{ say('home.none') }}</p>@endif

        @foreach($tasks as ['homework' => $task, 'day' => $day])
            <article class="card card-body mb-3 home-task" data-task="{{ $task->id }}" aria-labelledby="task-{{ $task->id }}">
                <h2 class="mt-0" id="task-{{ $task->id }}">{{ $task->name }}</h2>
                <p>{{ $task->what }}</p>
                <dl class="facts">
                    <dt>{{ say('home.counts_when') }}</dt><dd>{{ $task->counts_when }}</dd>
                    <dt>{{ say('home.stop_when') }}</dt><dd>{{ $task->stop_when }}</dd>
                    @if($task->word !== '')<dt>{{ say('home.word') }}</dt><dd><strong>{{ $task->word }}</strong></dd>@endif
                    @if($task->gear !== '')<dt>{{ say('home.gear') }}</dt><dd>{{ $task->gear }}</dd>@endif
                    @if($task->pieces)<dt>{{ say('home.food') }}</dt><dd>{{ say('home.pieces', ['count' => $task->pieces]) }}</dd>@endif
                </dl>
                <div data-open @if($day->isOver()) hidden @endif>
                    @if($task->hold_seconds)
                        <p class="mb-2">{{ say('home.hold_for', ['seconds' => $task->hold_seconds]) }}</p>
                        <button type="button" class="btn btn-outline-primary w-100 mb-2" data-hold data-start="{{ say('home.hold') }}"
                            data-stop="{{ say('home.hold_stop') }}" data-unit="{{ say('home.seconds') }}" hidden>{{ say('home.hold') }}</button>
                    @endif
                    <x-home-entry :action="$entriesPath" kind="rep" :task="$task" class="home-answers">
                        @foreach($task->kind->answers() as $answer)
                            <button class="btn {{ $answer === Answer::Good ? 'btn-next' : 'btn-outline-primary' }}" name="answer"
                                value="{{ $answer->value }}">{{ say("home.answers.{$task->kind->value}.{$answer->value}") }}</button>
                        @endforeach
                    </x-home-entry>
                </div>
                <p class="home-done mb-0"><span data-done>{{ say('home.done_of', ['done' => $day->done(), 'planned' => $task->times_a_day]) }}</span>
                    <button type="button" class="btn btn-link p-0 ms-2" data-undo hidden>{{ say('home.undo') }}</button></p>
                <p class="lead mb-0" data-over @if(! $day->isOver() || $day->wentWrong() || $day->isRest) hidden @endif>{{ say('home.over') }}</p>
                <div class="home-stop" role="alert" data-stopped @if(! $day->wentWrong()) hidden @endif>
                    <h3 class="mt-0">{{ say('home.stop') }}</h3>
                    <p>{{ say('home.stop_about', ['dog' => $dog->name]) }}</p>
                    <p>{{ say('home.stop_bite', ['dog' => $dog->name]) }}</p>
                    @if($phone)<p class="mb-0"><a class="btn btn-next w-100" href="tel:{{ $phone }}">{{ say('home.call',
                        ['practice' => $practice, 'phone' => $phone]) }}</a></p>@endif
                </div>
                <details class="mt-2" data-wrong @if($day->wentWrong()) hidden @endif><summary>{{ say('home.wrong') }}<span
                    class="visually-hidden">: {{ $task->name }}</span></summary>
                    <x-home-entry :action="$entriesPath" kind="rep" :task="$task" class="home-alarms">
                        @foreach(Answer::alarms() as $answer)<button class="btn btn-outline-danger" name="answer"
                            value="{{ $answer->value }}">{{ say("home.alarms.{$answer->value}") }}</button>@endforeach
                    </x-home-entry>
                </details>
            </article>
        @endforeach
        @if($waiting > 0)<p>{{ say('home.more', ['count' => $waiting]) }}</p>@endif

        <p role="status" data-status class="text-body-secondary"></p>
        @if($tasks !== [] && $dayOff === null)
            <x-home-entry :action="$entriesPath" kind="day" class="home-answers mb-3" data-days-off>
                @foreach(ReceiveHomeEntry::DAYS_OFF as $off)<button class="btn btn-outline-secondary" name="off"
                    value="{{ $off }}">{{ say("home.off.{$off}", ['dog' => $dog->name]) }}</button>@endforeach
            </x-home-entry>
        @endif
        <details class="card card-body mb-3"><summary>{{ say('home.scare', ['dog' => $dog->name]) }}</summary>
            <x-home-entry :action="$entriesPath" kind="scare" class="mt-2">
                <label class="form-label" for="scare-note">{{ say('home.scare_what') }} <span
                    class="text-body-secondary">{{ say('home.optional') }}</span></label>
                <input class="form-control mb-2" id="scare-note" name="note" maxlength="300">
                <div class="home-alarms">@foreach([1, 2, 3, 4] as $severity)<button class="btn btn-outline-primary" name="severity"
                    value="{{ $severity }}">{{ say("home.severity.{$severity}") }}</button>@endforeach</div>
                <p class="mt-2 mb-0" role="status" data-kept hidden>{{ say('home.scare_kept') }}</p>
            </x-home-entry>
        </details>
        <details class="card card-body mb-3"><summary>{{ say('home.ask') }}</summary>
            <x-home-entry :action="$entriesPath" kind="message" class="mt-2">
                <label class="form-label" for="question">{{ say('home.ask_label') }}</label>
                <textarea class="form-control mb-2" id="question" name="text" maxlength="1000" rows="3" required></textarea>
                <button class="btn btn-primary">{{ say('home.send') }}</button>
            </x-home-entry>
        </details>
        @if($messages->isNotEmpty())
            <h2 class="h5">{{ say('home.words') }}</h2>
            <ul class="list-unstyled">@foreach($messages->reverse() as $message)<li class="mb-2"><strong>{{ $message->is_from_home ? say('home.you') : ($message->user->name ?? $practice) }}</strong> <span
                class="text-body-secondary">{{ words()->formats->dateTime($message->sent_at) }}</span><br>{{ $message->body }}</li>@endforeach</ul>
        @endif
        @if($phone)<p><a href="tel:{{ $phone }}">{{ say('home.call', ['practice' => $practice, 'phone' => $phone]) }}</a></p>@endif
    </div>
</x-home>
