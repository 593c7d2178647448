@use('App\Import\Choices')
@use('App\Import\Matching')
@use('Core\Measure\DistanceUnit')
<x-layout :title="say('imports.match.title')">
    <p class="mb-1"><a href="{{ route('imports.index') }}">{{ say('imports.title') }}</a></p>
    <h1>{{ $import->name }}</h1>
    <p>{{ say('imports.match.about') }}</p>
    <x-problems />
    <form method="post" action="{{ route('import-match', $import) }}">
        @csrf @method('PUT')
        <h2 class="h5">{{ say('imports.match.columns') }}</h2>
        <div class="row">
            @foreach($import->kind->fields() as $field => $isNeeded)
                <div class="col-sm-6 col-lg-4"><x-choice :name="'columns['.$field.']'" :label="say('imports.match.field', ['field' => say('imports.fields.'.$field), 'isNeeded' => $isNeeded])"
                    :options="array_map(fn ($head, $i) => $head === '' ? say('imports.match.column', ['number' => $i + 1]) : $head, $import->head, array_keys($import->head))"
                    :value="$matching->columns[$field] ?? null" :empty="say('imports.match.no_column')" /></div>
            @endforeach
        </div>
        <h2 class="h5">{{ say('imports.match.read_as') }}</h2>
        <div class="row">
            <div class="col-sm-6 col-lg-4"><x-choice name="date_order" :label="say('imports.match.date_order')"
                :options="labels('imports.date_orders', Matching::DATE_ORDERS)" :value="$matching->dateOrder" /></div>
            @if(array_key_exists('distance', $import->kind->fields()))
                <div class="col-sm-6 col-lg-4"><x-choice name="distance" :label="say('imports.match.distance')"
                    :options="labels('imports.distances', array_column(DistanceUnit::cases(), 'value'))" :value="$matching->distance->value" /></div>
            @endif
            @if(array_key_exists('weight', $import->kind->fields()))
                <div class="col-sm-6 col-lg-4"><x-choice name="weight" :label="say('imports.match.weight')" :options="labels('imports.weights', Matching::WEIGHTS)"
                    :value="$matching->weight" /></div>
            @endif
        </div>
        @foreach($values as $field => $texts)
            <fieldset class="mb-3"><legend class="h5">{{ say('imports.match.means', ['field' => say("imports.fields.{$field}")]) }}</legend>
                <p class="form-text">{{ say('imports.match.means_about', ['isNeeded' => $import->kind->fields()[$field], 'count' => count($texts)]) }}</p>
                @foreach($texts as $plain => $text)
                    <div class="import-value">
                        <label for="v-{{ $field }}-{{ $loop->index }}"><strong>{{ $text['text'] }}</strong> <span
                            class="text-body-secondary">{{ say('imports.match.rows', ['count' => $text['rows']]) }}</span></label>
                        <select class="form-select" id="v-{{ $field }}-{{ $loop->index }}" name="values[{{ $field }}][{{ $plain }}]">
                            <option value="">{{ in_array($field, Choices::OF_A_DOG, true) ? say('imports.match.by_name')
                                : say('imports.match.leave_out', ['isNeeded' => $import->kind->fields()[$field]]) }}</option>
                            @foreach($choices->labels[$field] as $key => $label)<option value="{{ $key }}" @selected($text['guess'] === $key)>{{ $label }}</option>@endforeach
                        </select>
                    </div>
                @endforeach
            </fieldset>
        @endforeach
        <h2 class="h5">{{ say('imports.match.sample') }}</h2>
        <div class="chart-frame" tabindex="0" role="region" aria-label="{{ say('imports.match.sample') }}">
            <table class="table table-sm"><thead><tr>@foreach($import->head as $head)<th scope="col">{{ $head }}</th>@endforeach</tr></thead>
                <tbody>@foreach($sample as $row)<tr>@foreach($import->head as $i => $head)<td>{{ mb_substr($row[$i] ?? '', 0, 60) }}</td>@endforeach</tr>@endforeach</tbody></table>
        </div>
        <button class="btn btn-primary">{{ say('imports.match.check') }}</button>
        <p class="form-text">{{ say('imports.match.nothing_yet') }}</p>
    </form>
</x-layout>
