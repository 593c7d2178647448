<?php

declare(strict_types=1);

namespace App\Report;

use App\Handling\AreaView;
use App\Models\DogArea;
use App\Models\Item;
use Core\Exposure\PlanKind;
use Core\Insight\OnAnyDay;

/** For whoever cares for a dog: what is truly solid, by whom, when last, on a good day or on any; never what is hoped for. */
final readonly class CareReport implements Composer
{
    private const MOST = 60;

    public function __construct(private StopSignals $signals, private HealthFacts $health)
    {
    }

    public function sections(DogRecord $record, array $parts): array
    {
        $sections = [
            'accepted' => fn (): Section => $this->accepted($record),
            'not_yet' => fn (): Section => self::notYet($record),
            'areas' => fn (): Section => self::areas($record),
            'items' => fn (): Section => self::items($record),
            'signals' => fn (): Section => new Section(say('reports.care.signals'), array_map(
                static fn (string $code): string => words()->capital(words()->sign($code)), $this->signals->of($record->dog),
            )),
            'avoid' => fn (): Section => new Section(say('reports.care.avoid'), array_map(
                static fn (string $key): string => say("reports.care.{$key}"), ['no_holding', 'no_words', 'no_scolding', 'cannot_wait'],
            )),
            'food' => fn (): Section => new Section(say('reports.care.food'), array_values(array_filter([
                $record->dog->intake->food_limits ?? '',
            ]))),
            'health' => fn (): Section => $this->health->now($record),
        ];

        return array_values(array_map(static fn (string $part): Section => $sections[$part](), $parts));
    }

    public function accepted(DogRecord $record): Section
    {
        $facts = [];
        foreach ($record->ofKind(PlanKind::Contact) as $plan) {
            $solid = $plan->solid();
            if ($solid !== null) {
                $days = $plan->daysAtSolid($record->zone());
                $last = $plan->lastAt();
                $facts[] = [$plan->plan->responseModel->trigger->name, say('reports.care.up_to', [
                    'person' => $plan->plan->responseModel->person->name, 'step' => $solid,
                ]).' '.say('reports.care.how_often', [
                    'days' => count($days), 'good' => count(array_filter($days)), 'on' => OnAnyDay::of($days)->value,
                    'isLast' => $last !== null, 'last' => words()->formats->date($last ?? $record->now),
                ])];
            }
        }

        return new Section(say('reports.care.accepts'), $facts === [] ? [say('reports.care.nothing_solid')] : [], $facts);
    }

    private static function notYet(DogRecord $record): Section
    {
        $facts = [];
        foreach ($record->ofKind(PlanKind::Contact) as $plan) {
            $next = $plan->next();
            if ($next !== null) {
                $facts[] = [$plan->plan->responseModel->trigger->name, $next];
            }
        }

        return new Section(say('reports.care.not_yet'), facts: $facts);
    }

    /** A part with neither word nor caution says nothing to anybody. */
    private static function areas(DogRecord $record): Section
    {
        $areas = $record->dog->areas()->orderBy('id')->limit(self::MOST)->get()->filter(
            static fn (DogArea $area): bool => $area->word !== null || $area->state->keepsHandsOff(),
        );

        return new Section(say('reports.care.areas'), facts: array_values($areas->map(static fn (DogArea $area): array => [
            words()->capital(AreaView::name($area->area, $area->side)), implode('; ', array_filter([
                $area->word === null ? '' : say('reports.word', ['word' => $area->word]),
                $area->state->keepsHandsOff() ? words()->label($area->state) : '',
            ])),
        ])->all()));
    }

    private static function items(DogRecord $record): Section
    {
        return new Section(say('reports.care.wears'), facts: array_values($record->dog->items()->limit(self::MOST)->get()->map(
            static fn (Item $item): array => [$item->name, say('reports.hand_over.fit', [
                'kind' => words()->label($item->kind),
                'day' => $item->fit_checked_on === null ? '' : words()->formats->day($item->fit_checked_on),
                'isChecked' => $item->fit_checked_on !== null, 'note' => '', 'isNoted' => false,
            ])],
        )->all()));
    }
}
