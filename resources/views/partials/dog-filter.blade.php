{{-- Whose dogs, within a form that asks again. --}}
@foreach(['trainer' => [$filter->trainers, $filter->trainer], 'client' => [$filter->clients, $filter->client]] as $of => [$names, $chosen])
    @if($names !== [])<div><label class="form-label mb-1" for="by-{{ $of }}">{{ say("today.filter.{$of}") }}</label><select
        class="form-select" id="by-{{ $of }}" name="{{ $of }}"><option value="">{{ say('today.filter.everybody') }}</option>
        @foreach($names as $id => $name)<option value="{{ $id }}" @selected($id === $chosen)>{{ $name }}</option>@endforeach</select></div>@endif
@endforeach
