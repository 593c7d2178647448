<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Input\InSightOnly;
use App\Input\LocalTime;
use App\Input\MayHandle;
use App\Input\OfPlan;
use App\People\NewHandler;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A session that was: its day, its time on the clock, how long, who and where. */
final class PastSessionRequest extends FormRequest
{
    use OfPlan;

    public const SOURCES = ['paper', 'film', 'memory'];

    private const LONGEST_MINUTES = 240;

    public function authorize(): bool
    {
        Gate::authorize('writeDown', $this->plan());

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'day' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01'],
            'from' => ['bail', 'required', 'string', 'date_format:H:i'],
            'minutes' => ['required', 'integer', 'between:1,'.self::LONGEST_MINUTES],
            NewHandler::FIELD => NewHandler::RULES,
            'person_id' => ['required', 'integer', InSightOnly::person(), new MayHandle($this->plan()->responseModel->dog_id)],
            'place_id' => ['nullable', 'integer', InSightOnly::place()],
            'source' => ['required', Rule::in(self::SOURCES)],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->end() > now()) {
                $validator->errors()->add('from', say('messages.past_session.not_over_yet'));
            }
        });
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'person_name.*' => say('people.problems.person_name'),
            'day.*' => say('messages.past_session.day'),
            'from.*' => say('messages.past_session.from'),
            'minutes.*' => say('messages.past_session.minutes', ['most' => self::LONGEST_MINUTES]),
            'person_id.required' => say('messages.start_session.choose_who_handles'),
            'person_id.integer' => say('messages.start_session.choose_who_handles'),
            'source.*' => say('messages.past_session.source'),
            'note.*' => say('messages.trial.note_max'),
        ];
    }

    public function from(): \DateTimeImmutable
    {
        return LocalTime::of($this->string('day')->value(), $this->string('from')->value());
    }

    private function end(): \DateTimeImmutable
    {
        return $this->from()->modify("+{$this->integer('minutes')} minutes");
    }
}
