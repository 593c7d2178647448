<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Input\AreaOnDog;
use App\Input\TypedDistance;
use App\Models\AdviceGiven;
use App\Models\Session;
use App\Session\ContactTimes;
use App\Session\IncomingTrial;
use App\Session\SoundTimes;
use Core\Decision\Action;
use Core\Decision\Level;
use Core\Exposure\DimensionKind;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Response\Risk;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;
use Core\Sign\TurnLatency;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Psr\Clock\ClockInterface;

/** What a logged trial may hold, and how it becomes core values. The same for a form, a device and an unfiled one. */
final readonly class TrialRules
{
    /** @return array<string, string> */
    public static function messages(): array
    {
        return [
            'uuid.required' => say('messages.trial.uuid_required'),
            'uuid.uuid' => say('messages.trial.uuid_uuid'),
            'distance.required' => say('messages.trial.distance_required'),
            'outcome.required' => say('messages.trial.outcome_required'),
            'outcome.*' => say('messages.trial.outcome'),
            'band.*' => say('messages.trial.band'),
            'signs.*.in' => say('messages.trial.signs_in'),
            'food.*' => say('messages.trial.food'),
            'latency.*' => say('messages.trial.latency'),
            'latency_ms.*' => say('messages.trial.latency_ms'),
            'stare_ms.*' => say('messages.trial.stare_ms'),
            'stay_ms.*' => say('messages.trial.stay_ms'),
            'hold_ms.*' => say('messages.trial.hold_ms'),
            'return_ms.*' => say('messages.trial.return_ms'),
            'sound_ms.*' => say('messages.trial.sound_ms'),
            'sound_ago_ms.*' => say('messages.trial.sound_ago_ms'),
            'exposure.*.in' => say('messages.trial.exposure_in'),
            'note.max' => say('messages.trial.note_max'),
        ];
    }

    private const CLOCK_SLACK = 60_000;

    public function __construct(private CoreCatalogs $catalogs, private PlanReader $plans, private ClockInterface $clock)
    {
    }

    /**
     * @param  mixed  $exposure  the dimensions sent: rules are made for these only, as this runs after every trial
     * @return array<string, list<mixed>>
     */
    public function of(Session $session, DistanceUnit $unit, mixed $exposure): array
    {
        $kind = $session->plan->responseModel->kind;
        $catalog = $this->catalogs->dimensions($kind);
        $rules = [
            'uuid' => ['required', 'string', 'uuid'],
            'sequence' => ['nullable', 'integer', 'between:0,1000000'],
            // clocks are never validated: a trial is not refused because its device's clock is wrong
            'device_at' => ['nullable'],
            'sent_at' => ['nullable'],
            'aim' => ['nullable', 'string', 'regex:/^((advice|step):\d{1,18}|alt:\d{1,18}:\d)$/'],
            'distance' => [$kind === PlanKind::Presence ? 'required' : 'nullable', new TypedDistance($unit)],
            'exposure' => ['nullable', 'array:'.implode(',', array_keys($catalog->dimensions))],
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'band' => ['nullable', Rule::in(['', 0, 1, 2, 3, 4, '0', '1', '2', '3', '4'])],
            'signs' => ['nullable', 'array', 'max:60'],
            'signs.*' => ['string', Rule::in(array_keys($this->catalogs->signs->signs))],
            'food' => ['nullable', Rule::enum(FoodTaken::class)],
            'food_gone' => ['nullable', 'boolean'],
            'latency' => ['nullable', Rule::enum(TurnLatency::class)],
            'latency_ms' => ['nullable', 'integer', 'between:0,600000'],
            'stare_ms' => ['nullable', 'integer', 'between:0,600000'],
            'stay_ms' => ['nullable', 'integer', 'between:0,3600000'],
            'hold_ms' => ['nullable', 'integer', 'min:0', 'max:'.$this->longest($session)],
            'return_ms' => ['nullable', 'integer', 'between:0,3600000'],
            'sound_ms' => ['nullable', 'integer', 'between:0,3600000'],
            'sound_ago_ms' => ['nullable', 'required_with:sound_ms', 'integer', 'between:0,3600000'],
            'device' => ['nullable', 'string', 'uuid'],
            'interrupted' => ['nullable', 'boolean'],
            'handler_error' => ['nullable', 'boolean'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
        foreach (is_array($exposure) ? array_keys($exposure) : [] as $key) {
            // an unknown one is told by the rule of the array
            if ($key !== 'distance' && $catalog->has((string) $key)) {
                $dimension = $catalog->dimension((string) $key);
                $rules["exposure.{$key}"] = $dimension->kind === DimensionKind::Ordered
                    ? ['nullable', Rule::in(array_map(static fn ($value): string => $value->key, $dimension->values))]
                    : ['nullable', 'numeric', 'between:0,3600'];
            }
        }

        if (is_array($exposure) && isset($exposure['body_area'])) {
            $rules['exposure.body_area'][] = new AreaOnDog($session->plan->responseModel->dog_id, is_string($exposure['side'] ?? null) ? $exposure['side'] : null);
        }

        return $rules;
    }

    /** Milliseconds that a hold may last: no longer than its session, give or take a minute between two clocks. */
    private function longest(Session $session): int
    {
        return (int) (($session->ended_at ?? $this->clock->now())->format('Uv')) - $session->started_at->getTimestampMs() + self::CLOCK_SLACK;
    }

    /** Outcome and band say different things but may not contradict each other. */
    public static function afterwards(Validator $validator): void
    {
        $data = $validator->getData();
        $outcome = Outcome::tryFrom(is_string($data['outcome'] ?? null) ? $data['outcome'] : '');
        $band = $data['band'] ?? null;
        if ($outcome === null || ! is_numeric($band)) {
            return;
        }
        if ($outcome->effect() === OutcomeEffect::Over && (int) $band !== Band::Over->value) {
            $validator->errors()->add('band', say('messages.trial_rules.a_reaction_is_band_4_over'));
        }
        if ($outcome->effect() === OutcomeEffect::Success && (int) $band === Band::Over->value) {
            $validator->errors()->add('outcome', say('messages.trial_rules.band_4_over_is_a_reaction'));
        }
    }

    /** @param  array<string, mixed>  $data validated */
    public function toTrial(array $data, Session $session, DistanceUnit $unit): IncomingTrial
    {
        $kind = $session->plan->responseModel->kind;
        $distance = $kind === PlanKind::Presence ? Distance::from((float) $data['distance'], $unit) : null;
        [$target, $under, $forecast] = $this->aim(is_string($data['aim'] ?? null) ? $data['aim'] : '', $session, $distance, $unit);
        $stated = array_filter(is_array($data['exposure'] ?? null) ? $data['exposure'] : [], static fn (mixed $value): bool => $value !== null && $value !== '');
        $times = ContactTimes::from($data);
        // where time is part of what is asked, what was held is what the trial really was
        if ($times->hold !== null && isset($target->exposure->values['duration']) && ! isset($stated['duration'])) {
            $stated['duration'] = round($times->hold / 1000, 1);
        }
        $sound = SoundTimes::from($data);
        if ($sound !== null && isset($target->exposure->values['length']) && ! isset($stated['length'])) {
            $stated['length'] = round($sound->lasted / 1000, 1);
        }
        $latencyMs = isset($data['latency_ms']) && $data['latency_ms'] !== '' ? (int) $data['latency_ms'] : null;
        $latency = TurnLatency::tryFrom((string) ($data['latency'] ?? ''));
        $note = trim((string) ($data['note'] ?? ''));

        return new IncomingTrial(
            strtolower((string) $data['uuid']),
            isset($data['sequence']) ? (int) $data['sequence'] : null,
            $target,
            $under,
            $forecast,
            // what the trial does not say was as aimed at
            Exposure::of([...$target->exposure->values, ...$stated, ...($distance === null ? [] : ['distance' => $distance->meters])], $this->catalogs->dimensions($kind)),
            Outcome::from((string) $data['outcome']),
            is_numeric($data['band'] ?? null) ? Band::from((int) $data['band']) : null,
            array_values(array_unique(array_filter(is_array($data['signs'] ?? null) ? $data['signs'] : [], is_string(...)))),
            FoodTaken::tryFrom((string) ($data['food'] ?? '')) ?? FoodTaken::NotOffered,
            ! (bool) ($data['food_gone'] ?? false),
            $latency ?? ($latencyMs === null ? null : TurnLatency::fromSeconds($latencyMs / 1000)),
            $latencyMs,
            (bool) ($data['interrupted'] ?? false),
            (bool) ($data['handler_error'] ?? false),
            $note === '' ? null : $note,
            self::time($data['device_at'] ?? null),
            self::time($data['sent_at'] ?? null),
            isset($data['stare_ms']) && $data['stare_ms'] !== '' ? (int) $data['stare_ms'] : null,
            is_string($data['device'] ?? null) ? strtolower($data['device']) : null,
            $times,
            $sound,
        );
    }

    /**
     * What the handler aimed at: the advice followed, or a step chosen otherwise; failing both, the nearest step.
     *
     * @return array{Level, ?Action, ?Risk}
     */
    private function aim(string $aim, Session $session, ?Distance $distance, DistanceUnit $unit): array
    {
        $catalog = $this->catalogs->dimensions($session->plan->responseModel->kind);
        [$kind, $number, $other] = [...explode(':', $aim, 3), '0', '0'];
        if ($kind === 'alt') {
            $advice = AdviceGiven::query()->where('session_id', $session->id)->find((int) $number);
            $chosen = $advice?->alternatives[(int) $other] ?? null;
            if ($chosen !== null && isset($chosen['step'])) {
                return [new Level(max(0, $chosen['step']), Exposure::of($chosen['exposure'], $catalog)), Action::ChangeOther, null];
            }
        }
        if ($kind === 'advice') {
            $advice = AdviceGiven::query()->with('step')->where('session_id', $session->id)->find((int) $number);
            if ($advice !== null && $advice->exposure !== null && $advice->step !== null) {
                return [new Level(max(0, $advice->step->position), Exposure::of($advice->exposure, $catalog)), $advice->action, $advice->forecast()];
            }
        }
        $ladder = $this->plans->read($session->plan)->ladder;
        $best = new Level(0, $ladder->step(0)->exposure);
        $nearest = INF;
        foreach ($ladder->steps as $position => $step) {
            $off = $kind === 'step' ? abs($position - (int) $number) : ($distance === null ? (float) $position : abs($step->exposure->distance()?->halvingsTo($distance) ?? INF));
            if ($off < $nearest) {
                [$best, $nearest] = [new Level($position, $step->exposure), $off];
            }
        }

        return [$best, null, null];
    }

    /** Milliseconds since 1970 or ISO 8601; anything else is "not known", never an error. */
    private static function time(mixed $value): ?\DateTimeImmutable
    {
        $utc = new \DateTimeZone('UTC');
        if (is_numeric($value)) {
            $milliseconds = (float) $value;

            return abs($milliseconds) < 2.5e14 ? (new \DateTimeImmutable('@'.(int) floor($milliseconds / 1000), $utc))->modify(sprintf('+%d milliseconds', (int) fmod($milliseconds, 1000)))->setTimezone($utc) : null;
        }
        if (! is_string($value) || preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?(Z|[+-]\d\d:?\d\d)$/', $value) !== 1) {
            return null;
        }
        try {
            $time = (new \DateTimeImmutable($value))->setTimezone($utc);
        } catch (\Exception) {
            return null;
        }

        return (int) $time->format('Y') >= 1970 ? $time : null;
    }
}
