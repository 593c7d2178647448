<h1>{{ say('homework.sheet.title', ['dog' => $dog->name]) }}</h1>
<p>{{ say('homework.sheet.begun') }} ____________ · {{ say('homework.sheet.about') }} @if($dog->practice->phone)<strong>{{ $dog->practice->name }}, {{ $dog->practice->phone }}</strong>@endif</p>
@forelse($tasks as $task)
    <h2 class="h5">{{ $task->name }}</h2>
    <p class="mb-1">{{ $task->what }} {{ say('home.counts_when') }}: {{ $task->counts_when }} {{ say('home.stop_when') }}: {{ $task->stop_when }}@if($task->word !== '') {{ say('home.word') }}: <strong>{{ $task->word }}</strong>@endif</p>
    <div class="table-responsive mb-3" tabindex="0" role="region" aria-label="{{ $task->name }}"><table class="home-sheet"><thead><tr>@foreach($days as $day)<th
        scope="col">{{ say('homework.sheet.day', ['number' => $day + 1]) }}</th>@endforeach</tr></thead>
        <tbody><tr>@foreach($days as $day)<td>@for($i = 0; $i < $task->times_a_day; $i++)<span class="tick-box"></span>@endfor</td>@endforeach</tr></tbody></table></div>
@empty
    <p>{{ say('home.none') }}</p>
@endforelse
<p>{{ say('homework.sheet.notes') }}: ______________________________________________</p>
