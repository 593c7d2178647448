<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Session;
use App\Models\Trial;
use App\Support\Fields;
use Core\Decision\Action;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\PlanKind;
use Core\Response\Risk;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;

/** Reads the trials of a session as they stand: with corrections applied, without those undone. */
final readonly class TrialReader
{
    /** More trials than any session holds: lists are bounded. */
    private const MAX = 2000;

    public function __construct(private CoreCatalogs $catalogs)
    {
    }

    /** One query, no models: this runs after every trial. */
    public function ofSession(Session $session): SessionTrials
    {
        $trials = $marks = [];
        $catalog = $this->catalogs->dimensions($session->plan->responseModel->kind);
        foreach (self::standing([$session->id]) as $given) {
            $trials[$given->int('id')] = self::trial($given, $catalog);
            $marks[$given->int('id')] = [
                'uuid' => $given->text('uuid'), 'sequence' => $given->int('sequence'), 'note' => $given->text('note'),
                'proposed' => $given->int('band_proposed'), 'slip' => $given->text('slip'), 'traits' => $given->text('traits'),
            ];
        }

        return new SessionTrials($trials, $marks);
    }

    /**
     * Of many sessions of one kind of plan at once.
     *
     * @param  list<int>  $sessions
     * @return array<int, non-empty-list<array{trial: LoggedTrial, traits: list<string>, note: string}>> by session, in the order of its
     *    trials
     */
    public function ofSessions(PlanKind $kind, array $sessions): array
    {
        $found = [];
        $catalog = $this->catalogs->dimensions($kind);
        foreach ($sessions === [] ? [] : self::standing($sessions) as $given) {
            $found[$given->int('session_id')][] = [
                'trial' => self::trial($given, $catalog), 'traits' => array_values(array_filter(explode(';', $given->text('traits')))),
                'note' => $given->text('note'),
            ];
        }

        return $found;
    }

    /**
     * @param  non-empty-list<int>  $sessions
     * @return list<Fields>
     */
    private static function standing(array $sessions): array
    {
        $part = static fn (string $part): string =>
            "(SELECT GROUP_CONCAT(dimension, '=', COALESCE(choice, number) SEPARATOR ';') FROM trial_exposures WHERE trial_id = "
                ."trials.id AND part = '{$part}')";
        $rows = Trial::query()->toBase()->join('steps', 'steps.id', '=', 'trials.step_id')->whereIn('session_id', $sessions)
            ->orderBy('sequence')->orderBy('occurred_at')->orderBy('trials.id')->limit(self::MAX * count($sessions))
            ->selectRaw("trials.id, session_id, trials.uuid, sequence, steps.position, under_action, forecast, outcome, band,
                band_proposed, note, trials.food, food_left, latency, interrupted, handler_error, occurred_at,
                {$part('target')} AS target, {$part('real')} AS exposure,
                slip, (SELECT GROUP_CONCAT(trait ORDER BY trait SEPARATOR ';') FROM trial_traits WHERE trial_id = trials.id) AS traits,
                (SELECT GROUP_CONCAT(sign SEPARATOR ';') FROM trial_signs WHERE trial_id = trials.id) AS signs,
                ".Corrections::COLUMN)
            ->get();

        return array_map(Fields::of(...), Corrections::standing($rows));
    }

    private static function trial(Fields $given, DimensionCatalog $catalog): LoggedTrial
    {
        return new LoggedTrial(
            new Level(max(0, $given->int('position')), ExposureColumns::fromText($given->text('target'), $catalog)),
            Action::tryFrom($given->text('under_action')),
            ExposureColumns::fromText($given->text('exposure'), $catalog),
            Outcome::from($given->text('outcome')),
            Band::from($given->int('band')),
            $given->text('signs') === '' ? [] : explode(';', $given->text('signs')),
            FoodTaken::from($given->text('food')),
            $given->isOn('food_left'),
            TurnLatency::tryFrom($given->text('latency')),
            $given->isOn('interrupted'),
            $given->isOn('handler_error'),
            new \DateTimeImmutable($given->text('occurred_at'), new \DateTimeZone('UTC')),
            self::forecast($given->text('forecast')),
        );
    }

    private static function forecast(string $json): ?Risk
    {
        if ($json === '') {
            return null;
        }
        /** @var array{strainMean: float, strainBound: float, reactionMean: float, reactionBound: float} $stored */
        $stored = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return Risk::fromArray($stored);
    }
}
