<?php

declare(strict_types=1);

namespace App\Report;

use App\Handling\AreaView;
use App\Library\CautionRepository;
use App\Models\DogArea;
use App\Models\Event;
use App\Models\HandlerLimit;
use App\Models\Item;
use App\Session\Traits;
use Core\Decision\LoggedTrial;
use Core\Exposure\PlanKind;
use Core\Insight\Shown;

/**
 * For the next trainer: what was shown to be fine and by what, told apart from what was only quiet; loading, gear, and what must not be
 * done.
 */
final readonly class HandOverReport implements Composer
{
    private const MOST_EVENTS = 10;

    private const MOST = 60;

    public function __construct(private CautionRepository $cautions, private HealthFacts $health)
    {
    }

    public function sections(DogRecord $record, array $parts): array
    {
        $sections = [
            'shown' => fn (): Section => self::shown($record),
            'quiet' => fn (): Section => self::quiet($record),
            'loading' => fn (): Section => self::loading($record),
            'plans' => fn (): Section => self::plans($record),
            'reactions' => fn (): Section => self::reactions($record),
            'gear' => fn (): Section => self::gear($record),
            'hands' => fn (): Section => self::hands($record),
            'never' => fn (): Section => $this->never($record),
            'health' => fn (): Section => $this->health->now($record),
        ];

        return array_values(array_map(static fn (string $part): Section => $sections[$part](), $parts));
    }

    private static function shown(DogRecord $record): Section
    {
        $rows = [];
        $plans = $record->ofKind(PlanKind::Presence, PlanKind::Sound);
        foreach ($plans as $plan) {
            foreach (self::byWhom($plan) as $whom => $trials) {
                $shown = Shown::of($trials);
                if ($shown->proven > 0) {
                    $rows[] = [
                        $whom === '' ? $plan->plan->responseModel->trigger->name : say('reports.hand_over.of', [
                            'trigger' => $plan->plan->responseModel->trigger->name, 'trait' => Traits::label((string) $whom),
                        ]),
                        $shown->provenAt === null ? '' : words()->formats->meters($shown->provenAt),
                        words()->formats->number($shown->proven),
                    ];
                }
            }
        }

        return new Section(
            say('reports.hand_over.shown'),
            $plans === [] ? [] : [say($rows === [] ? 'reports.hand_over.shown_none' : 'reports.hand_over.shown_about')],
            head: $rows === [] ? [] : [
                say('reports.hand_over.what'), say('reports.hand_over.nearest'), say('reports.hand_over.trials'),
            ], rows: $rows,
        );
    }

    /** @return array<string, list<LoggedTrial>> by trait of who was met; all of them by an empty name first */
    private static function byWhom(PlanRecord $plan): array
    {
        $by = ['' => []];
        foreach ($plan->sessions as $session) {
            foreach ($session['trials'] as ['trial' => $trial, 'traits' => $traits]) {
                foreach (['', ...array_unique($traits)] as $trait) {
                    $by[$trait][] = $trial;
                }
            }
        }

        return $by;
    }

    private static function quiet(DogRecord $record): Section
    {
        $lines = [];
        foreach ($record->ofKind(PlanKind::Presence, PlanKind::Sound) as $plan) {
            $shown = $plan->shown;
            if ($shown->quiet > 0) {
                $lines[] = say('reports.hand_over.quiet_at', [
                    'trigger' => $plan->plan->responseModel->trigger->name, 'count' => $shown->quiet,
                    'isFar' => $shown->quietAt !== null,
                    'distance' => words()->formats->meters($shown->quietAt ?? 0.0),
                    'proven' => $shown->proven,
                ]);
            }
            $toldAt = $plan->plan->responseModel->quiet_at_meters;
            if ($toldAt !== null) {
                $lines[] = say('reports.hand_over.quiet_told', [
                    'trigger' => $plan->plan->responseModel->trigger->name, 'distance' => words()->formats->meters($toldAt),
                ]);
            }
        }
        if ($record->dog->hides_signs) {
            array_unshift($lines, say('reports.hand_over.hides', ['dog' => $record->dog->name]));
        }

        return new Section(
            say('reports.hand_over.quiet'),
            $lines === [] && $record->ofKind(PlanKind::Presence, PlanKind::Sound) !== [] ? [say('reports.hand_over.quiet_none')] : $lines,
        );
    }

    private static function loading(DogRecord $record): Section
    {
        $lines = [];
        foreach ($record->ofKind(PlanKind::Presence, PlanKind::Sound) as $plan) {
            $shown = $plan->shown;
            if ($shown->loading > 0) {
                $lines[] = say('reports.hand_over.loading_at', [
                    'trigger' => $plan->plan->responseModel->trigger->name, 'count' => $shown->loading,
                    'isFar' => $shown->loadingAt !== null,
                    'distance' => words()->formats->meters($shown->loadingAt ?? 0.0),
                ]);
            }
        }

        return new Section(
            say('reports.hand_over.loading'),
            $lines === [] && $record->ofKind(PlanKind::Presence, PlanKind::Sound) !== [] ? [say('reports.hand_over.loading_none')] : $lines,
        );
    }

    private static function plans(DogRecord $record): Section
    {
        return new Section(
            say('reports.hand_over.plans'), $record->plans === [] ? [say('reports.hand_over.plans_none')] : [],
            head: $record->plans === [] ? [] : [
                say('reports.hand_over.plan'), say('reports.hand_over.with'), say('reports.hand_over.solid'), say('reports.hand_over.next'),
            ],
            rows: array_map(static fn (PlanRecord $plan): array => [
                $plan->plan->name, $plan->plan->responseModel->person->name, $plan->solid() ?? say('reports.hand_over.not_yet'),
                $plan->plan->resting_reason !== null ? say('reports.progress.rests') : ($plan->next() ?? say('reports.hand_over.done')),
            ], $record->plans),
        );
    }

    private static function reactions(DogRecord $record): Section
    {
        $lines = [];
        foreach ($record->plans as $plan) {
            $shown = $plan->shown;
            if ($shown->reactions > 0) {
                $lines[] = say('reports.hand_over.reactions_at', [
                    'trigger' => $plan->plan->responseModel->trigger->name, 'count' => $shown->reactions,
                    'isFar' => $shown->reactionAt !== null,
                    'distance' => words()->formats->meters($shown->reactionAt ?? 0.0),
                ]);
            }
        }
        $of = Event::query()->where('dog_id', $record->dog->id)->where('occurred_at', '>=', $record->since)->where('severity', '>', 0)
            ->orderByDesc('occurred_at');
        $more = max($of->count() - self::MOST_EVENTS, 0);
        $events = $of->limit(self::MOST_EVENTS)->get();

        return new Section(say('reports.hand_over.reactions'), [
            ...$lines, ...($lines === [] && $events->isEmpty() ? [say('reports.hand_over.reactions_none')] : []),
            ...($more === 0 ? [] : [say('paper.left_out.events', ['count' => $more])]),
        ], array_values($events->map(static fn (Event $event): array => [
            words()->formats->date($event->occurred_at),
            words()->capital(say("options.event_kind.{$event->kind->value}")).', '.say("options.severity.{$event->severity}"),
        ])->all()));
    }

    private static function gear(DogRecord $record): Section
    {
        $items = $record->dog->items()->limit(self::MOST)->get();

        return new Section(
            say('reports.hand_over.gear'), $items->isEmpty() ? [say('reports.hand_over.gear_none')] : [say('reports.hand_over.gear_check')],
            array_values($items->map(static fn (Item $item): array => [
                $item->name, say('reports.hand_over.fit', [
                    'kind' => words()->label($item->kind),
                    'day' => $item->fit_checked_on === null ? '' : words()->formats->day($item->fit_checked_on),
                    'isChecked' => $item->fit_checked_on !== null, 'note' => $item->fit_note ?? '',
                    'isNoted' => ($item->fit_note ?? '') !== '',
                ]),
            ])->all()),
        );
    }

    private static function hands(DogRecord $record): Section
    {
        $areas = $record->dog->areas()->orderBy('id')->limit(self::MOST)->get()->filter(
            static fn (DogArea $area): bool => $area->state->keepsHandsOff() || $area->word !== null,
        );

        return new Section(say('reports.hand_over.hands'), facts: [
            ...array_values($areas->map(static fn (DogArea $area): array => [
                words()->capital(AreaView::name($area->area, $area->side)), implode('; ', array_filter([
                    $area->state->keepsHandsOff() ? words()->label($area->state) : '',
                    $area->word === null ? '' : say('reports.word', ['word' => $area->word]),
                ])),
            ])->all()),
            ...array_values($record->dog->handlerLimits()->with('person')->limit(self::MOST)->get()->map(
                static fn (HandlerLimit $limit): array => [$limit->person->name, say('reports.hand_over.not_handled', [
                    'isTraining' => $limit->is_training_allowed,
                ])],
            )->all()),
        ]);
    }

    private function never(DogRecord $record): Section
    {
        $agreement = $record->dog->agreements()->first();

        return new Section(say('reports.hand_over.never'), [
            say('reports.hand_over.never_growl'), say('reports.hand_over.never_closer'), say('reports.hand_over.never_hold'),
            ...($record->dog->intake?->corrections === true ? [say('reports.hand_over.never_corrected')] : []),
            ...array_values(array_map(
                static fn (string $item): string => say('reports.hand_over.agreed', ['what' => say("options.agreement.{$item}")]),
                $agreement->items ?? [],
            )),
        ], array_values(array_map(
            static fn ($caution): array => [$caution->title, $caution->text], $this->cautions->forDog($record->dog),
        )));
    }
}
