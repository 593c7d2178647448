@use('Core\Exposure\Exposure')
@use('Core\Template\Inclusion')
<x-layout :title="'Edit '.$template->label">
    <p class="mb-1"><a href="{{ route('templates.show', $own->key) }}">{{ $template->label }}</a></p>
    <h1>Edit the template</h1>
    <p>Words, order and criteria are changed here. To change what makes a step hard, make a plan from it, work on its ladder and keep that under the same name.</p>
    <x-problems />
    <form method="post" action="{{ route('templates.update', $own->key) }}">
        @csrf @method('put')
        <div class="col-lg-8">
            <x-field name="label" label="Name" :value="$template->label" maxlength="120" required />
            <x-text name="about" label="What it is for" :value="$template->about" maxlength="600" />
        </div>
        <ol class="list-unstyled">
            @foreach($template->items as $i => $item)
                <li class="row g-2 align-items-end mb-3">
                    <div class="col-4 col-md-1"><label class="form-label mb-0" for="sp-{{ $i }}">Place</label><input class="form-control" id="sp-{{ $i }}" name="steps[{{ $i }}][place]" inputmode="numeric" value="{{ old("steps.{$i}.place", $i + 1) }}"></div>
                    @if($item instanceof Inclusion)
                        <div class="col-md-8">Steps {{ $item->from }} to {{ $item->to }} of {{ $item->template }}</div>
                    @else
                        <div class="col-4 col-md-1"><label class="form-label mb-0" for="sr-{{ $i }}">Run</label><input class="form-control" id="sr-{{ $i }}" name="steps[{{ $i }}][run]" inputmode="numeric" value="{{ old("steps.{$i}.run", $item->criterion->successes) }}"></div>
                        <div class="col-md-8"><label class="form-label mb-0" for="sd-{{ $i }}">{{ $item->way !== null ? round(100 * $item->way).' % of the way, ' : '' }}{{ Exposure::of($item->values, $catalog)->inWords($catalog, $unit) }}</label><input class="form-control" id="sd-{{ $i }}" name="steps[{{ $i }}][do]" maxlength="300" value="{{ old("steps.{$i}.do", $item->manner->instruction) }}"></div>
                    @endif
                    <div class="col-md-2"><div class="form-check"><input class="form-check-input" type="checkbox" id="so-{{ $i }}" name="steps[{{ $i }}][out]" value="1"><label class="form-check-label" for="so-{{ $i }}">take out<span class="visually-hidden"> step {{ $i + 1 }}</span></label></div></div>
                </li>
            @endforeach
        </ol>
        <button class="btn btn-next">Keep it</button>
    </form>
</x-layout>
