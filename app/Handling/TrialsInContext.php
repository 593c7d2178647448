<?php

declare(strict_types=1);

namespace App\Handling;

use App\Engine\Corrections;
use App\Models\Dog;
use App\Models\Trial;
use App\Support\Fields;
use Core\Coverage\TrialInContext;
use Core\Exposure\PlanKind;
use Core\Sign\Band;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;

/** A dog's trials seen by who, where, how and with what: under the hand, or at a distance. */
final readonly class TrialsInContext
{
    /** Older ones say little of today. */
    private const MAX = 4000;

    /** Dimension of the catalog by factor. */
    private const FACTORS = [
        'contact' => ['area' => 'body_area', 'side' => 'side', 'contact' => 'contact', 'posture' => 'posture', 'place' => 'place'],
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

        return $trials;
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
