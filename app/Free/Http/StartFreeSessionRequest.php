<?php

declare(strict_types=1);

namespace App\Free\Http;

use App\Engine\CoreCatalogs;
use App\Free\FreeSessionDraft;
use App\Input\InSightOnly;
use App\Input\MayHandle;
use App\Models\Dog;
use App\People\NewHandler;
use Core\Observation\Activity;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** The one form before a session without a ladder; its buttons say which kind it is. */
final class StartFreeSessionRequest extends FormRequest
{
    public function authorize(): bool
    {
        Gate::authorize('view', $this->dog());

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(CoreCatalogs $catalogs): array
    {
        return [
            'uuid' => ['required', 'string', 'uuid'],
            'activity' => ['required', Rule::enum(Activity::class)],
            NewHandler::FIELD => NewHandler::RULES,
            'person_id' => ['nullable', 'integer', InSightOnly::person(), new MayHandle($this->dog()->id)],
            'place' => ['nullable', 'string', 'max:120', 'not_regex:/\p{C}/u'],
            'skill' => ['nullable', 'required_if:activity,drill', Rule::in(array_keys($catalogs->methods()->skills))],
            'is_woken' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'person_name.*' => say('people.problems.person_name'),
            'uuid.*' => say('messages.event.this_entry_has_no_identifier_reload'), 'activity.*' => say('messages.free.activity'),
            'person_id.integer' => say('messages.start_session.choose_who_handles'), 'place.*' => say('messages.free.place'),
            'skill.*' => say('messages.skill.choose_one_of_the_foundations'),
        ];
    }

    public function draft(): FreeSessionDraft
    {
        return new FreeSessionDraft(
            strtolower($this->string('uuid')->value()), Activity::from($this->string('activity')->value()),
            $this->filled('person_id') ? $this->integer('person_id') : null, trim($this->string('place')->value()),
            $this->filled('skill') ? $this->string('skill')->value() : null, $this->boolean('is_woken'),
        );
    }

    private function dog(): Dog
    {
        $dog = $this->route('dog');

        return $dog instanceof Dog ? $dog : throw new \LogicException('The route binds a dog.');
    }
}
