<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Input\InSightOnly;
use App\Models\Place;
use App\Models\Plan;
use App\Models\SessionKind;
use App\People\NewHandler;
use App\Session\SessionChecklist;
use App\Support\Fields;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** The checklist before a session. All of it is optional: a session may be started with a leash in one hand. */
final class StartSessionRequest extends FormRequest
{
    public const NOISE = ['quiet', 'some', 'loud'];

    public const STATE = ['rested', 'usual', 'tired', 'wired', 'unwell'];

    public const UPSETS = ['0', '1', '2', '3', '4'];

    public const AGO = ['1', '6', '24', '48'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['nullable', Rule::enum(SessionKind::class)],
            'place_id' => [
                'nullable', 'integer', Rule::exists(Place::class, 'id')->where('practice_id', $this->user()?->practice_id),
                InSightOnly::place(),
            ],
            NewHandler::FIELD => NewHandler::RULES,
            'person_id' => ['nullable', 'integer', InSightOnly::person()],
            'ground_hot' => ['nullable', 'boolean'],
            'noise' => ['nullable', Rule::in(self::NOISE)],
            'state' => ['nullable', Rule::in(self::STATE)],
            'gear_off' => ['nullable', 'boolean'],
            'food_usual' => ['nullable', 'integer', 'between:0,500'],
            'food_best' => ['nullable', 'integer', 'between:0,500'],
            'upset' => ['nullable', Rule::in(self::UPSETS)],
            'without_reason' => ['nullable', 'string', 'max:300'],
            'read' => ['nullable', 'array', 'max:30'],
            'read.*' => ['string', 'max:24'],
            'upset_ago' => ['nullable', Rule::in(self::AGO)],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($this->isMethod('post') && ($this->filled('food_usual') || $this->filled('food_best')) && $this->integer(
                'food_usual',
            ) + $this->integer('food_best') === 0) {
                $validator->errors()->add('food_usual', say('messages.start_session.without_food_there_is_no_session'));
            }
        });
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'person_name.*' => say('people.problems.person_name'),
            'place_id.*' => say('messages.start_session.choose_one_of_your_places'),
            'person_id.integer' => say('messages.start_session.choose_who_handles'),
            'food_usual.*' => say('messages.start_session.count_0_to_500_pieces'),
            'food_best.*' => say('messages.start_session.count_0_to_500_pieces'),
            'kind.*' => say('messages.start_session.choose_ladder_acclimatize_or_drill'),
            'noise.*' => say('messages.start_session.choose_how_loud_it_is'),
            'state.*' => say('messages.start_session.choose_how_the_dog_is'),
            'upset.*' => say('messages.start_session.choose_what_upset_the_dog_or'),
            'upset_ago.*' => say('messages.start_session.choose_when_that_was'),
        ];
    }

    public function place(): ?Place
    {
        return Place::query()->find($this->integer('place_id'));
    }

    /** @return ?array{severity: float, hours: int} */
    public function upset(): ?array
    {
        return $this->integer('upset') > 0
            ? ['severity' => (float) $this->integer('upset'), 'hours' => max(1, $this->integer('upset_ago', 1))]
            : null;
    }

    public function checklist(Plan $plan): SessionChecklist
    {
        return new SessionChecklist(
            SessionKind::tryFrom($this->string('kind')->value()) ?? SessionKind::Ladder,
            $this->has('place_id') ? $this->place() : $plan->place,
            $this->upset(),
            [
                'ground_hot' => $this->boolean('ground_hot'), 'gear_off' => $this->boolean('gear_off'), 'noise' => $this->input('noise'),
                'state' => $this->input('state'),
                'food' => array_filter(['usual' => $this->integer('food_usual'), 'best' => $this->integer('food_best')]),
            ],
            Fields::of($this->all())->texts('read'),
            trim($this->string('without_reason')->value()),
            $this->filled('person_id') ? $this->integer('person_id') : $plan->responseModel->person_id,
        );
    }
}
