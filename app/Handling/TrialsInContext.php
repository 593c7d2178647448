<?php

declare(strict_types=1);

namespace App\Handling;

use App\Engine\Corrections;
use App\Engine\StandingObservation;
use App\Models\Dog;
use App\Models\Observation;
use App\Models\Trial;
use App\Support\Fields;
use Core\Coverage\TrialInContext;
use Core\Exposure\PlanKind;
use Core\Observation\Activity;
use Core\Observation\Kind;
use Core\Sign\Band;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;

/** A dog's trials, and the parts touched in its tours, seen by who, where, how and with what: under the hand, or at a distance. */
final readonly class TrialsInContext
{
    /** Older ones say little of today. */
    private const MAX = 4000;

    /** Dimension of the catalog by factor. */
    private const FACTORS = [
        'contact' => [
            'area' => 'body_area', 'side' => 'side', 'contact' => 'contact', 'posture' => 'posture', 'position' => 'dog_position',
            'held' => 'held_at', 'place' => 'place',
        ],
        'presence' => ['motion' => 'trigger_motion'],
    ];

    /**
     * @param  ?int  $trigger  what they are about; null for all
     * @return list<TrialInContext> newest first; person and item (or what it reacts to) always, the spot where one was fixed, dimensions
     *    as far as stated
     */
    public function of(Dog $dog, PlanKind $kind, ?int $trigger = null): array
    {
        $factors = self::FACTORS[$kind->value] ?? [];
        $dimensions = implode("', '", $factors);
        $rows = Trial::query()->toBase()
            ->join('sessions', 'sessions.id', '=', 'trials.session_id')->join('plans', 'plans.id', '=', 'sessions.plan_id')
            ->join('response_models', 'response_models.id', '=', 'plans.response_model_id')->join(
                'triggers', 'triggers.id', '=', 'response_models.trigger_id',
            )->leftJoin('items', 'items.id', '=', 'plans.item_id')->leftJoin('places', 'places.id', '=', 'sessions.place_id')
            ->where('response_models.dog_id', $dog->id)->where('response_models.kind', $kind->value)->when(
                $trigger !== null, static fn ($query) => $query->where('response_models.trigger_id', $trigger),
            )
            ->orderByDesc('trials.occurred_at')->orderByDesc('trials.id')->limit(self::MAX)
            ->selectRaw("trials.outcome, trials.band, trials.handler_error, trials.occurred_at, trials.person_id AS person,
                COALESCE(items.name, triggers.name) AS item, places.name AS spot,
                (SELECT GROUP_CONCAT(dimension, '=', choice SEPARATOR ';') FROM trial_exposures
                    WHERE trial_id = trials.id AND part = 'real' AND dimension IN ('{$dimensions}')) AS exposure, ".Corrections::COLUMN)
            ->get();
        $trials = [];
        foreach (Corrections::standing($rows) as $fields) {
            if (! Fields::of($fields)->isOn('handler_error')) {
                $trials[] = self::trial(Fields::of($fields), array_flip($factors));
            }
        }

        return $kind === PlanKind::Contact && $trigger === null ? self::newestFirst([...$trials, ...self::tours($dog, $factors)]) : $trials;
    }

    /**
     * @param  list<TrialInContext>  $trials
     * @return list<TrialInContext>
     */
    private static function newestFirst(array $trials): array
    {
        usort($trials, static fn (TrialInContext $one, TrialInContext $other): int => $other->at <=> $one->at);

        return array_slice($trials, 0, self::MAX);
    }

    /**
     * Parts touched in tours of the body, where it was said how.
     *
     * @param  array<string, string>  $dimensions  by factor
     * @return list<TrialInContext>
     */
    private static function tours(Dog $dog, array $dimensions): array
    {
        $rows = Observation::query()->with('corrections')->join('free_sessions', 'free_sessions.id', '=', 'observations.free_session_id')
            ->where('free_sessions.dog_id', $dog->id)->where('observations.kind', Kind::Part->value)->where('observations.setup', '!=', '')
            ->orderByDesc('observations.occurred_at')->limit(self::MAX)->select('observations.*')->addSelect('free_sessions.person_id')
            ->get();
        $touched = [];
        foreach ($rows as $row) {
            $standing = StandingObservation::of($row);
            $one = $standing->observation;
            if ($standing->isOut || $one->band === null) {
                continue;
            }
            $factors = ['person' => Fields::of($row->getAttributes())->text('person_id'), 'item' => words()->label(Activity::Tour)];
            $told = [
                'body_area' => $one->what, ...in_array($one->side, ['left', 'right'], true) ? ['side' => $one->side] : [],
                ...$one->setup,
            ];
            foreach (array_intersect($dimensions, array_keys($told)) as $factor => $dimension) {
                $factors[$factor] = $told[$dimension];
            }
            $touched[] = new TrialInContext(
                $factors, $one->band, $one->band->isBelowThreshold() && ! $one->isAlarming(),
                new \DateTimeImmutable($row->occurred_at->format('Y-m-d H:i:s.v'), new \DateTimeZone('UTC')),
            );
        }

        return $touched;
    }

    /** @param  array<string, string>  $factorOf  by dimension */
    private static function trial(Fields $given, array $factorOf): TrialInContext
    {
        $factors = [
            'person' => $given->text('person'), 'item' => $given->text('item'),
            ...($given->text('spot') === '' ? [] : ['spot' => $given->text('spot')]),
        ];
        foreach (array_filter(explode(';', $given->text('exposure'))) as $pair) {
            [$dimension, $choice] = explode('=', $pair, 2);
            // a corrected exposure is told whole
            if (isset($factorOf[$dimension])) {
                $factors[$factorOf[$dimension]] = $choice;
            }
        }
        $band = Band::from($given->int('band'));

        return new TrialInContext(
            $factors, $band, Outcome::from($given->text('outcome'))->effect() === OutcomeEffect::Success && $band->isBelowThreshold(),
            new \DateTimeImmutable($given->text('occurred_at'), new \DateTimeZone('UTC')),
        );
    }
}
