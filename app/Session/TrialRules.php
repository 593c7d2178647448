<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\CoreCatalogs;
use App\Input\AreaOnDog;
use App\Input\Plain;
use App\Input\TypedDistance;
use App\Models\Session;
use Core\Exposure\DimensionKind;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;
use Core\Sign\TurnLatency;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Contracts\Validation\Validator as Checked;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Psr\Clock\ClockInterface;

/** What a logged trial may hold. The same for a form, a device and one that waits to be filed. */
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
            'stare_at.*' => say('messages.trial.stare_at', ['most' => LookTimes::MOST_LETTERS]),
            'paid_ms.*' => say('messages.trial.paid_ms'),
            'stay_ms.*' => say('messages.trial.stay_ms'),
            'hold_ms.*' => say('messages.trial.hold_ms'),
            'return_ms.*' => say('messages.trial.return_ms'),
            'sound_ms.*' => say('messages.trial.sound_ms'),
            'sound_ago_ms.*' => say('messages.trial.sound_ago_ms'),
            'slip.*' => say('messages.trial.slip'),
            'traits.*' => say('messages.trial.traits'),
            'exposure.*.in' => say('messages.trial.exposure_in'),
            'note.max' => say('messages.trial.note_max'),
        ];
    }

    private const CLOCK_SLACK = 60_000;

    private const AIM = '/^(here|last|(advice|step):\d{1,18}|alt:\d{1,18}:\d)$/D';

    private const LAST_SEQUENCE = 1_000_000;

    private const MOST_SIGNS = 60;

    private const MOST_TRAITS = 12;

    private const LONGEST_TRAIT = 40;

    /** One that is typed has no line of its own and no mark that lists are joined by. */
    private const NO_TRAIT = '/[;\p{C}]/u';

    private const LONGEST_NOTE = 500;

    /** Milliseconds. */
    private const LONGEST_LOOK = 600_000;

    private const LONGEST_STAY = 3_600_000;

    /** In the measured detail's own unit. */
    private const MOST_MEASURED = 3600;

    public function __construct(private CoreCatalogs $catalogs, private ClockInterface $clock, private Factory $validators)
    {
    }

    /**
     * Whether a trial that came from a device is seen to be right at a glance: it has the parts that the application sends, each of its
     * own kind. This runs after every trial. Anything else is for the rules, which also say what is wrong.
     *
     * @param  array<mixed>  $data
     */
    public function isPlain(array $data, Session $session, DistanceUnit $unit): bool
    {
        $kind = $session->plan->responseModel->kind;
        $outcome = Outcome::tryFrom(is_string($data['outcome'] ?? null) ? $data['outcome'] : '');
        $distance = $data['distance'] ?? null;
        $most = Distance::fromMeters(Distance::MAX_METERS)->as($unit);
        if ($outcome === null || ! Plain::uuid($data['uuid'] ?? null)
            || ($distance === null ? $kind === PlanKind::Presence : ! is_numeric($distance) || $distance <= 0.1 || $distance >= $most)) {
            return false;
        }
        foreach (array_filter($data, static fn (mixed $value): bool => $value !== null) as $key => $value) {
            $isPlain = match ($key) {
                'uuid', 'distance', 'outcome', 'device_at', 'sent_at' => true,
                'device' => Plain::uuid($value),
                'aim' => is_string($value) && preg_match(self::AIM, $value) === 1,
                'sequence' => Plain::within($value, 0, self::LAST_SEQUENCE),
                'band' => Plain::within($value, 0, Band::Over->value)
                    && ($value === Band::Over->value) === ($outcome->effect() === OutcomeEffect::Over),
                'signs' => Plain::keys($value, $this->catalogs->signs->signs, self::MOST_SIGNS),
                'food' => is_string($value) && FoodTaken::tryFrom($value) !== null,
                'latency' => is_string($value) && TurnLatency::tryFrom($value) !== null,
                'latency_ms', 'stare_ms', 'paid_ms' => Plain::within($value, 0, self::LONGEST_LOOK),
                'hold_ms' => Plain::within($value, 0, $this->longest($session)),
                'stay_ms', 'return_ms' => Plain::within($value, 0, self::LONGEST_STAY),
                'food_gone', 'interrupted', 'handler_error' => is_bool($value),
                'slip' => is_string($value) && Slip::tryFrom($value) !== null,
                'stare_at' => is_string($value) && mb_strlen($value) <= LookTimes::MOST_LETTERS && preg_match('/\p{C}/u', $value) === 0,
                'note' => is_string($value) && mb_strlen($value) <= self::LONGEST_NOTE,
                'traits' => is_array($value) && count($value) <= self::MOST_TRAITS && array_filter($value, self::isTrait(...)) === $value,
                'exposure' => is_array($value) && $this->isPlainExposure($value, $kind),
                default => false,
            };
            if (! $isPlain) {
                return false;
            }
        }

        return true;
    }

    private static function isTrait(mixed $value): bool
    {
        return is_string($value) && mb_strlen($value) <= self::LONGEST_TRAIT && preg_match(self::NO_TRAIT, $value) === 0;
    }

    /** @param  array<mixed>  $values  by dimension; whether a dog has such an area is for the rules */
    private function isPlainExposure(array $values, PlanKind $kind): bool
    {
        $catalog = $this->catalogs->dimensions($kind);
        foreach ($values as $key => $value) {
            if (! is_string($key) || $key === 'body_area' || ! $catalog->has($key)) {
                return false;
            }
            $dimension = $catalog->dimension($key);
            if ($value !== null && ($dimension->kind === DimensionKind::Ordered
                ? ! in_array($value, array_column($dimension->values, 'key'), true)
                : ! is_numeric($value) || $value < 0 || $value > self::MOST_MEASURED)) {
                return false;
            }
        }

        return true;
    }

    /**
     * A trial that came from a device or waited to be filed.
     *
     * @param  array<mixed>  $data
     */
    public function check(array $data, Session $session, DistanceUnit $unit): Checked
    {
        return $this->validators->make($data, $this->of($session, $unit, $data['exposure'] ?? null), self::messages())
            ->after(self::afterwards(...));
    }

    /**
     * @param  mixed  $exposure  the dimensions sent: rules are made for these only, as this runs after every trial
     * @return array<string, list<mixed>>
     */
    public function of(Session $session, DistanceUnit $unit, mixed $exposure): array
    {
        $kind = $session->plan->responseModel->kind;
        $catalog = $this->catalogs->dimensions($kind);
        /** @var array<string, list<mixed>> $rules */
        $rules = [
            'uuid' => ['required', 'string', 'uuid'],
            'sequence' => ['nullable', 'integer', 'between:0,'.self::LAST_SEQUENCE],
            // clocks are never validated: a trial is not refused because its device's clock is wrong
            'device_at' => ['nullable'],
            'sent_at' => ['nullable'],
            'aim' => ['nullable', 'string', 'regex:'.self::AIM],
            'distance' => [$kind === PlanKind::Presence ? 'required' : 'nullable', new TypedDistance($unit)],
            'exposure' => ['nullable', 'array:'.implode(',', array_keys($catalog->dimensions))],
            'outcome' => ['required', Rule::enum(Outcome::class)],
            'band' => ['nullable', Rule::in(['', 0, 1, 2, 3, 4, '0', '1', '2', '3', '4'])],
            'signs' => ['nullable', 'array', 'max:'.self::MOST_SIGNS],
            // an empty one, from a form, says that no other is ticked
            'signs.*' => ['nullable', 'string', Rule::in(array_keys($this->catalogs->signs->signs))],
            'food' => ['nullable', Rule::enum(FoodTaken::class)],
            'food_gone' => ['nullable', 'boolean'],
            'latency' => ['nullable', Rule::enum(TurnLatency::class)],
            'latency_ms' => ['nullable', 'integer', 'between:0,'.self::LONGEST_LOOK],
            'stare_ms' => ['nullable', 'integer', 'between:0,'.self::LONGEST_LOOK],
            'stare_at' => ['nullable', 'string', 'max:'.LookTimes::MOST_LETTERS, 'not_regex:/\p{C}/u'],
            'paid_ms' => ['nullable', 'integer', 'between:0,'.self::LONGEST_LOOK],
            'stay_ms' => ['nullable', 'integer', 'between:0,'.self::LONGEST_STAY],
            'hold_ms' => ['nullable', 'integer', 'min:0', 'max:'.$this->longest($session)],
            'return_ms' => ['nullable', 'integer', 'between:0,'.self::LONGEST_STAY],
            'sound_ms' => ['nullable', 'integer', 'between:0,'.self::LONGEST_STAY],
            'sound_ago_ms' => ['nullable', 'required_with:sound_ms', 'integer', 'between:0,'.self::LONGEST_STAY],
            'device' => ['nullable', 'string', 'uuid'],
            'interrupted' => ['nullable', 'boolean'],
            'handler_error' => ['nullable', 'boolean'],
            'slip' => ['nullable', Rule::enum(Slip::class)],
            'traits' => ['nullable', 'array', 'max:'.self::MOST_TRAITS],
            'traits.*' => ['nullable', 'string', 'max:'.self::LONGEST_TRAIT, 'not_regex:'.self::NO_TRAIT],
            'note' => ['nullable', 'string', 'max:'.self::LONGEST_NOTE],
        ];
        foreach (is_array($exposure) ? array_keys($exposure) : [] as $key) {
            // an unknown one is told by the rule of the array
            if ($key !== 'distance' && $catalog->has((string) $key)) {
                $dimension = $catalog->dimension((string) $key);
                $rules["exposure.{$key}"] = $dimension->kind === DimensionKind::Ordered
                    ? ['nullable', Rule::in(array_map(static fn ($value): string => $value->key, $dimension->values))]
                    : ['nullable', 'numeric', 'between:0,'.self::MOST_MEASURED];
            }
        }

        if (is_array($exposure) && isset($exposure['body_area'])) {
            $rules['exposure.body_area'][] = new AreaOnDog(
                $session->plan->responseModel->dog_id, is_string($exposure['side'] ?? null) ? $exposure['side'] : null,
            );
        }

        return $rules;
    }

    /** Milliseconds that a hold may last: no longer than its session, give or take a minute between two clocks. */
    private function longest(Session $session): int
    {
        return (int) (($session->ended_at ?? $this->clock->now())->format(
            'Uv',
        )) - $session->started_at->getTimestampMs() + self::CLOCK_SLACK;
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
}
