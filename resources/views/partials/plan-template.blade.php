{{-- The step plan that a new plan is laid from. --}}
<x-choice name="template" :label="say('plans.create.template')" :value="$proposal['template'] ?? request('template')"
    :options="collect($templates)->map(fn ($one) => $one->label)" :empty="say('plans.create.none')"
    :hint="say('plans.create.steps_are_put_between_where_one')" />
<p class="form-text"><a href="{{ route('templates.index') }}">{{ say('plans.create.look_at_the_templates') }}</a></p>
