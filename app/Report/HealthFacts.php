<?php

declare(strict_types=1);

namespace App\Report;

use App\Dog\KeepHealth;
use App\Models\HealthEntry;
use App\Models\HealthKind;

/** Medication, conditions and weights, as they stand on a report. */
final readonly class HealthFacts
{
    private const MOST = 40;

    /** What is so now, and what whoever trains it wrote down. */
    public function now(DogRecord $record): Section
    {
        $entries = KeepHealth::of($record->dog, $record->now)->filter(
            static fn (HealthEntry $entry): bool => $entry->kind !== HealthKind::Weight,
        );

        return new Section(
            say('reports.health.title'), self::notes($record), array_values($entries->take(self::MOST)->map(self::fact(...))->all()),
        );
    }

    public function medication(DogRecord $record): Section
    {
        $entries = KeepHealth::of($record->dog, $record->since)->filter(
            static fn (HealthEntry $entry): bool => $entry->kind !== HealthKind::Weight,
        );

        return new Section(
            say('reports.vet.medication'), $entries->isEmpty() ? [say('reports.vet.medication_none')] : [],
            array_values($entries->take(self::MOST)->map(self::fact(...))->all()),
        );
    }

    public function weights(DogRecord $record): Section
    {
        $weights = array_values(HealthEntry::query()->where('dog_id', $record->dog->id)->where('kind', HealthKind::Weight)
            ->whereNull('taken_out_at')->where('from_on', '>=', $record->since->format('Y-m-d'))->orderByDesc('from_on')
            ->limit(self::MOST)->get()->reverse()->map(static fn (HealthEntry $entry): array => [
                'on' => $entry->from_on, 'kilograms' => (float) $entry->kilograms,
            ])->all());
        $drawing = Drawing::weights($weights);

        return new Section(say('reports.vet.weight'), $weights === [] ? [say('reports.vet.weight_none')] : [], array_map(
            static fn (array $one): array => [words()->formats->day($one['on']), words()->formats->kilograms($one['kilograms'])],
            array_reverse(array_slice($weights, -6)),
        ), drawings: $drawing === null ? [] : [$drawing]);
    }

    /** @return list<string> */
    public static function notes(DogRecord $record): array
    {
        $dog = $record->dog;

        return array_values(array_filter([
            $dog->health_note ?? '',
            ($dog->intake->food_limits ?? '') === '' ? '' : say('reports.health.food', ['limits' => $dog->intake->food_limits ?? '']),
            ($dog->intake->medication ?? '') === '' ? '' : say('reports.health.told', ['medication' => $dog->intake->medication ?? '']),
            $dog->intake?->vet_seen_on === null ? '' : say('reports.health.vet_seen', [
                'day' => words()->formats->day($dog->intake->vet_seen_on),
            ]),
        ]));
    }

    /** @return array{0: string, 1: string} */
    private static function fact(HealthEntry $entry): array
    {
        return [$entry->name, say('reports.health.dates', [
            'kind' => $entry->kind->value, 'from' => words()->formats->day($entry->from_on),
            'until' => $entry->until_on === null ? '' : words()->formats->day($entry->until_on), 'isOver' => $entry->until_on !== null,
        ])];
    }
}
