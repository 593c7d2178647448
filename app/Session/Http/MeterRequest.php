<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\Session;
use App\Session\Meter;
use App\Support\Fields;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;

/** Readings from a meter. It has no sign-in, only the token of its session; it is always answered in JSON. */
final class MeterRequest extends FormRequest
{
    private ?Session $found = null;

    public function authorize(): bool
    {
        if (! Meter::isToken($this->training()->meter_token, (string) $this->bearerToken())) {
            throw new HttpResponseException(new JsonResponse(['message' => say('messages.meter.the_token_is_not_that_of')], 401));
        }

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'readings' => ['required', 'array', 'list', 'min:1', 'max:100'],
            'readings.*.number' => ['required', 'integer', 'between:0,4294967295'],
            'readings.*.level' => ['required', 'numeric', 'between:0,140'],
            'readings.*.age_ms' => ['nullable', 'integer', 'between:0,600000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'readings.*.number.*' => say('messages.meter.count_the_readings_of_a_session'),
            'readings.*.level.*' => say('messages.meter.a_level_is_a_number_of'),
            'readings.*.age_ms.*' => say('messages.meter.the_age_is_how_many_milliseconds'),
            'readings.*' => say('messages.meter.send_1_to_100_readings_at'),
        ];
    }

    /** @return non-empty-list<array{number: int, level: float, age_ms: int}> */
    public function readings(): array
    {
        $readings = [];
        foreach ((array) $this->validated('readings') as $reading) {
            $given = Fields::of($reading);
            $readings[] = ['number' => $given->int('number'), 'level' => $given->number('level'), 'age_ms' => $given->int('age_ms')];
        }

        return $readings === [] ? throw new \LogicException('At least one reading was asked for.') : $readings;
    }

    /** A session that is not there is answered like a wrong token: nothing is told to whoever has none. */
    public function training(): Session
    {
        $id = $this->route('session');

        return $this->found ??= Session::query()->whereKey(is_string($id) ? (int) $id : 0)->first() ?? new Session;
    }

    protected function failedValidation(Validator $validator): never
    {
        throw new HttpResponseException(new JsonResponse(
            ['message' => say('messages.meter.the_readings_were_not_kept'), 'errors' => $validator->errors()->toArray()], 422,
        ));
    }
}
