<x-layout :title="say('step_plans.list.templates')">
    <h1>{{ say('step_plans.list.templates') }}</h1>
    <p>{{ say('step_plans.list.ladders_to_begin_from_each_is') }}</p>
    <x-problems />
    @foreach($unreadable as $label => $why)
        <p class="alert alert-warning" role="status">{{ say('step_plans.list.is_left_out_it_cannot_be',
            ['value' => $label, 'why' => words()->error($why)]) }}</p>
    @endforeach
    @foreach($kinds as $group)
        <h2>{{ words()->capital(words()->label($group['kind'])) }}</h2>
        <ul class="list-group">
            @foreach($group['templates'] as $template)
                <li class="list-group-item"><a class="fw-bold" href="{{ route('templates.show',
                    $template->key) }}">{{ $template->label }}</a> <span class="text-body-secondary">{{ $template->about }}</span>
                    <span class="float-end">{{ say('step_plans.list.steps',
                        ['count' => count($shelf->steps($template)), 'key' => (bool) (isset($own[$template->key]))]) }}</span></li>
            @endforeach
        </ul>
    @endforeach
    @can('create', App\Models\PracticeTemplate::class)
        <h2>{{ say('step_plans.list.take_over_a_template') }}</h2>
        <form method="post" action="{{ route('templates.import') }}" enctype="multipart/form-data" class="col-lg-8">
            @csrf
            <x-field name="file" :label="say('step_plans.list.file')" type="file" accept=".json,application/json"
                :hint="say('step_plans.list.json_one_template_or_several_the')" />
            <x-text name="text" :label="say('step_plans.list.or_its_text')" rows="4" />
            <button class="btn btn-primary">{{ say('step_plans.list.take_it_over') }}</button>
        </form>
    @endcan
</x-layout>
