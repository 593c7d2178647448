{{-- One thing that was seen, to be put right: $row of the review. --}}
@use('Core\Observation\Kind')
@use('Core\Observation\SegmentKind')
@use('Core\Sign\Band')
@php($seen = $row['seen'])
@php($choices = match ($seen->kind) {
    Kind::Segment => collect(SegmentKind::cases())->reject(fn ($one) => $one === SegmentKind::Arrival)
        ->mapWithKeys(fn ($one) => [$one->value => words()->label($one)]),
    Kind::Mistake => cases(App\Session\Slip::cases()),
    Kind::AtOnce, Kind::Late, Kind::Not => collect($skills)->mapWithKeys(fn ($key) => [$key => say("methods.skills.{$key}.label")]),
    default => null,
})
<form class="card card-body my-2 no-print" method="post" action="{{ route('observations.update', [$session, $row['id']]) }}" id="putting-right">
    @csrf @method('put')<input type="hidden" name="uuid" value="{{ $uuid() }}">
    @if($choices !== null)
        <x-choice name="what" :label="say('free.what_it_was')" :options="$choices" :value="$seen->what" />
    @elseif($seen->kind !== Kind::Part)
        <x-field name="what" :label="say('free.what_it_was')" :value="$seen->what" maxlength="60" :required="$seen->kind === Kind::Shown" />
    @endif
    @if($seen->kind === Kind::Stare)
        <x-field name="seconds" :label="say('free.for_seconds')" inputmode="decimal" :value="$seen->seconds" />
    @endif
    @if($seen->kind->hasBand())
        <x-choice name="band" :label="say('sessions.review.band')" :options="cases(Band::cases())" :value="$seen->band?->value" />
    @endif
    @if($seen->kind === Kind::Part)
        @foreach($ways as $dimension => $choices)<x-choice :name="$dimension" :label="say('free.touched_how.'.$dimension)" :empty="say('free.touched_how.not_noted')"
            :options="collect($choices)->mapWithKeys(fn ($way) => [$way => say('dimensions.contact.'.$dimension.'.values.'.$way)])"
            :value="$seen->setup[$dimension] ?? ''" />@endforeach
    @endif
    <div class="d-flex flex-wrap gap-2">
        <button class="btn btn-primary">{{ say('sessions.review.keep_the_correction') }}</button>
        <button class="btn btn-outline-danger" form="taking-out">{{ say($row['isOut'] ? 'free.put_back' : 'free.take_out') }}</button>
        <a class="btn btn-outline-secondary" href="{{ route('free.show', $session) }}#seen">{{ say('sessions.editor.close') }}</a>
    </div>
</form>
<form id="taking-out" method="post" action="{{ route('observations.update', [$session, $row['id']]) }}">@csrf @method('put')<input
    type="hidden" name="uuid" value="{{ $uuid() }}"><input type="hidden" name="isOut" value="{{ $row['isOut'] ? '0' : '1' }}"></form>
