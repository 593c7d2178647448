<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Engine\TrialReader;
use App\Models\AdviceGiven;
use App\Models\Session;
use App\Support\Fields;
use Core\Decision\Action;
use Core\Decision\Credit;
use Core\Decision\Level;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Response\Risk;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;

/** Reads a checked trial into core values: what was aimed at, what was really shown, and what the dog did. */
final readonly class TrialParser
{
    public function __construct(private CoreCatalogs $catalogs, private PlanReader $plans, private TrialReader $trials)
    {
    }

    /** @param  array<mixed>  $data  checked by TrialRules */
    public function parse(array $data, Session $session, DistanceUnit $unit): IncomingTrial
    {
        $given = Fields::of($data);
        $kind = $session->plan->responseModel->kind;
        $distance = $kind === PlanKind::Presence ? Distance::from($given->number('distance'), $unit) : null;
        $stated = self::stated($given->list('exposure'), $distance);
        [$target, $under, $forecast] = $this->aim($given->text('aim'), $session, $distance, $stated);
        $times = ContactTimes::from($given);
        $sound = SoundTimes::from($given);
        $latencyMilliseconds = $given->intOrNull('latency_ms');
        $note = trim($given->text('note'));
        $slip = Slip::tryFrom($given->text('slip'));

        return new IncomingTrial(
            strtolower($given->text('uuid')),
            $given->intOrNull('sequence'),
            $target,
            $under,
            $forecast,
            Exposure::of(self::shown($target, $stated, $times, $sound), $this->catalogs->dimensions($kind)),
            Outcome::from($given->text('outcome')),
            Band::tryFrom($given->intOrNull('band') ?? -1),
            array_values(array_unique($given->texts('signs'))),
            FoodTaken::tryFrom($given->text('food')) ?? FoodTaken::NotOffered,
            ! $given->isOn('food_gone'),
            TurnLatency::tryFrom($given->text('latency'))
                ?? ($latencyMilliseconds === null ? null : TurnLatency::fromSeconds($latencyMilliseconds / 1000)),
            $latencyMilliseconds,
            $given->isOn('interrupted'),
            $given->isOn('handler_error') || $slip !== null,
            $note === '' ? null : $note,
            self::time($data['device_at'] ?? null),
            self::time($data['sent_at'] ?? null),
            LookTimes::from($given),
            $given->textOrNull('device') === null ? null : strtolower($given->text('device')),
            $times,
            $sound,
            self::traits($given->texts('traits')),
            $slip,
        );
    }

    /**
     * What the trial does not say was as aimed at; where time is part of what is asked, what was held or heard is what it was.
     *
     * @param  array<string, float|int|string>  $stated
     * @return array<string, float|int|string>
     */
    private static function shown(Level $target, array $stated, ContactTimes $times, ?SoundTimes $sound): array
    {
        $values = [...$target->exposure->values, ...$stated];
        foreach ([[DimensionKey::Duration, $times->hold], [DimensionKey::Length, $sound?->lasted]] as [$key, $milliseconds]) {
            if ($milliseconds !== null && isset($values[$key->value])) {
                $values[$key->value] = round($milliseconds / 1000, 1);
            }
        }

        return $values;
    }

    /**
     * @param  array<mixed>  $stated
     * @return array<string, float|int|string> without what was left open
     */
    private static function stated(array $stated, ?Distance $distance): array
    {
        $values = [];
        foreach ($stated as $key => $value) {
            if ((is_string($value) && $value !== '') || is_int($value) || is_float($value)) {
                $values[(string) $key] = $value;
            }
        }

        return $distance === null ? $values : [...$values, DimensionKey::Distance->value => $distance->meters];
    }

    /**
     * What the handler aimed at: the advice followed, a step chosen otherwise, the very place where they were, or the one where the last
     * trial was; failing all, the nearest step.
     *
     * @param  array<string, float|int|string>  $stated
     * @return array{Level, ?Action, ?Risk}
     */
    private function aim(string $aim, Session $session, ?Distance $distance, array $stated): array
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
                return [
                    new Level(max(0, $advice->step->position), Exposure::of($advice->exposure, $catalog)), $advice->action,
                    $advice->forecast(),
                ];
            }
        }
        $ladder = $this->plans->read($session->plan)->ladder;
        $trials = $kind === 'last' ? $this->trials->ofSession($session)->trials : [];
        if ($kind === 'here' || $trials !== []) {
            $before = $trials === [] ? [] : $trials[array_key_last($trials)]->exposure->values;

            return [(new Credit($ladder, $catalog))->of(Exposure::of([...$before, ...$stated], $catalog)), null, null];
        }
        $best = Level::ofStep($ladder, 0);
        $nearest = INF;
        foreach ($ladder->steps as $position => $step) {
            $off = $kind === 'step'
                ? abs($position - (int) $number)
                : ($distance === null ? (float) $position : abs($step->exposure->distance()?->halvingsTo($distance) ?? INF));
            if ($off < $nearest) {
                [$best, $nearest] = [new Level($position, $step->exposure), $off];
            }
        }

        return [$best, null, null];
    }

    /**
     * @param  list<string>  $traits
     * @return list<string> each once, in one order
     */
    public static function traits(array $traits): array
    {
        $traits = array_values(array_unique(array_filter(array_map(trim(...), $traits))));
        sort($traits);

        return $traits;
    }

    /** Milliseconds since 1970 or ISO 8601; anything else is "not known", never an error. */
    private static function time(mixed $value): ?\DateTimeImmutable
    {
        $utc = new \DateTimeZone('UTC');
        if (is_numeric($value)) {
            $milliseconds = (float) $value;

            return abs($milliseconds) < 2.5e14 ? (new \DateTimeImmutable('@'.(int) floor($milliseconds / 1000), $utc))
                ->modify(sprintf('+%d milliseconds', (int) fmod($milliseconds, 1000)))->setTimezone($utc) : null;
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
