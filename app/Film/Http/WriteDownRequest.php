<?php

declare(strict_types=1);

namespace App\Film\Http;

use App\Input\InSightOnly;
use App\Input\LocalTime;
use App\Input\MayHandle;
use App\Input\TypedDistance;
use App\Models\Film;
use App\Models\User;
use App\People\NewHandler;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Validator;

/** Which plan a film belongs to, when it was taken, how far the dog was, who handled. */
final class WriteDownRequest extends FormRequest
{
    public function film(): Film
    {
        $film = $this->route('film');

        return $film instanceof Film ? $film : throw new \LogicException('The route has a film.');
    }

    public function authorize(): bool
    {
        Gate::authorize('view', $this->film());

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->user();

        return [
            'plan' => ['required', 'integer'],
            'day' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01'],
            'from' => ['bail', 'required', 'string', 'date_format:H:i'],
            'distance' => ['required', $user instanceof User ? new TypedDistance($user->units()->distance) : 'numeric'],
            NewHandler::FIELD => NewHandler::RULES,
            'person_id' => ['required', 'integer', InSightOnly::person(), new MayHandle($this->film()->dog_id)],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->from()->modify("+{$this->film()->length_ms} milliseconds") > now()) {
                $validator->errors()->add('from', say('messages.past_session.not_over_yet'));
            }
        });
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'plan.*' => say('film.problems.plan'),
            'day.*' => say('messages.past_session.day'),
            'from.*' => say('messages.past_session.from'),
            'distance.required' => say('messages.trial.distance_required'),
            'person_name.*' => say('people.problems.person_name'),
            'person_id.required' => say('messages.start_session.choose_who_handles'),
            'person_id.integer' => say('messages.start_session.choose_who_handles'),
        ];
    }

    public function from(): \DateTimeImmutable
    {
        return LocalTime::of($this->string('day')->value(), $this->string('from')->value());
    }
}
