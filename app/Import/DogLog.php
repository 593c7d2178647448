<?php

declare(strict_types=1);

namespace App\Import;

use App\Engine\TrialReader;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Session;
use App\Session\Traits;
use Core\Decision\LoggedTrial;
use Core\Exposure\PlanKind;

/**
 * A dog's trials as rows, with the columns that were chosen: for the next trainer, whose import reads them as they are. Told in words
 * and in meters, by the clock of the practice.
 */
final readonly class DogLog
{
    /** Columns that may go along; the rest a row cannot do without. */
    public const CHOSEN = ['plan', 'person', 'place', 'signs', 'food', 'latency', 'traits', 'note'];

    private const ALWAYS = ['dog', 'date', 'time', 'distance', 'step', 'outcome', 'band'];

    private const AT_ONCE = 100;

    public function __construct(private TrialReader $trials)
    {
    }

    /**
     * @param  list<string>  $chosen
     * @return \Generator<list<string|int|float|bool|null>> heads first
     */
    public function rows(Dog $dog, array $chosen): \Generator
    {
        $fields = [...self::ALWAYS, ...array_values(array_intersect(self::CHOSEN, $chosen))];
        yield array_map(static fn (string $field): string => say("imports.heads.{$field}"), $fields);
        $models = ResponseModel::query()->where('dog_id', $dog->id)->pluck('kind', 'id');
        foreach (PlanKind::cases() as $kind) {
            $ofKind = $models->filter(static fn (mixed $one): bool => $one === $kind)->keys()->all();
            $plans = Plan::query()->withTrashed()->whereIn('response_model_id', $ofKind)->select('id');
            foreach (Session::query()->whereIn('plan_id', $plans)->with(['plan', 'person', 'place'])->orderBy('started_at')->orderBy('id')
                ->lazy(self::AT_ONCE)->chunk(self::AT_ONCE) as $sessions) {
                $trials = $this->trials->ofSessions($kind, array_values($sessions->map(static fn (Session $one): int => $one->id)->all()));
                foreach ($sessions as $session) {
                    foreach ($trials[$session->id] ?? [] as $one) {
                        yield array_map(
                            static fn (string $field): string|float|int => self::cell($field, $dog, $session, $one['trial'],
                                $one['traits'], $one['note']),
                            $fields,
                        );
                    }
                }
            }
        }
    }

    /** @param  list<string>  $traits */
    private static function cell(
        string $field, Dog $dog, Session $session, LoggedTrial $trial, array $traits, string $note,
    ): string|float|int {
        $at = $trial->at->setTimezone($dog->practice->zone());
        $distance = $trial->exposure->distance();

        return match ($field) {
            'dog' => $dog->name,
            'date' => $at->format('Y-m-d'),
            'time' => $at->format('H:i:s'),
            'distance' => $distance === null ? '' : round($distance->meters, 2),
            'step' => $distance === null ? $trial->level->step + 1 : '',
            'outcome' => words()->label($trial->outcome),
            'band' => words()->label($trial->band),
            'plan' => $session->plan->name,
            'person' => $session->person->name,
            'place' => $session->place->name ?? '',
            'signs' => implode('; ', array_map(static fn (string $sign): string => words()->sign($sign), $trial->signs)),
            'food' => words()->label($trial->food),
            'latency' => $trial->latency?->seconds() ?? '',
            'traits' => implode('; ', array_map(Traits::label(...), $traits)),
            'note' => $note,
            default => throw new \LogicException('No such column.'),
        };
    }
}
