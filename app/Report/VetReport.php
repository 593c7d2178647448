<?php

declare(strict_types=1);

namespace App\Report;

use App\Engine\CoreCatalogs;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\SessionEventKind;
use App\Support\Fields;
use Core\Decision\LoggedTrial;
use Core\Measure\Median;
use Core\Sign\SignWeight;

/** For a vet: medication, weight, the signs of the last weeks against those before, how fast it comes down, how it was before sessions. */
final readonly class VetReport implements Composer
{
    /** Days that are held against as many before them. */
    private const LATELY = 60;

    private const MOST_SIGNS = 10;

    private const MOST_EVENTS = 400;

    public function __construct(private HealthFacts $health, private CareReport $care, private CoreCatalogs $catalogs)
    {
    }

    public function sections(DogRecord $record, array $parts): array
    {
        $sections = [
            'medication' => fn (): Section => $this->health->medication($record),
            'weight' => fn (): Section => $this->health->weights($record),
            'signs' => fn (): Section => $this->signs($record),
            'recovery' => fn (): Section => self::recovery($record),
            'days' => fn (): Section => self::days($record),
            'accepted' => fn (): Section => $this->care->accepted($record),
            'incidents' => fn (): Section => self::incidents($record),
            'note' => fn (): Section => new Section(say('reports.vet.note'), HealthFacts::notes($record)),
        ];

        return array_values(array_map(static fn (string $part): Section => $sections[$part](), $parts));
    }

    /** Without those that say that it is at ease. */
    private function signs(DogRecord $record): Section
    {
        $middle = $record->now->modify('-'.self::LATELY.' days');
        $from = $middle->modify('-'.self::LATELY.' days');
        $trials = $record->trials();
        $late = array_filter($trials, static fn (LoggedTrial $trial): bool => $trial->at >= $middle);
        $early = array_filter($trials, static fn (LoggedTrial $trial): bool => $trial->at >= $from && $trial->at < $middle);
        $now = self::seen($late);
        $before = self::seen($early);
        $signs = $this->catalogs->signs->signs;
        $codes = array_values(array_filter(array_keys($now + $before), static fn (string $code): bool => isset($signs[$code])
            && ! in_array($signs[$code]->weight, [SignWeight::Comfort, SignWeight::Neutral], true)));
        usort($codes, static fn (string $one, string $other): int => [($now[$other] ?? 0) + ($before[$other] ?? 0), $one]
            <=> [($now[$one] ?? 0) + ($before[$one] ?? 0), $other]);
        $of = static fn (int $seen, int $all): string => $all === 0
            ? say('reports.vet.no_trials')
            : say('reports.vet.of', ['seen' => $seen, 'trials' => $all]);

        return new Section(
            say('reports.vet.signs'), [say($codes === [] ? 'reports.vet.signs_none' : 'reports.vet.signs_about')],
            head: $codes === [] ? [] : [
                say('reports.vet.sign'), say('reports.vet.lately', ['days' => self::LATELY]),
                say('reports.vet.before', ['days' => self::LATELY]),
            ],
            rows: array_map(static fn (string $code): array => [
                words()->capital(words()->sign($code)), $of($now[$code] ?? 0, count($late)), $of($before[$code] ?? 0, count($early)),
            ], array_slice($codes, 0, self::MOST_SIGNS)),
        );
    }

    /**
     * @param  array<LoggedTrial>  $trials
     * @return array<string, int> trials in which each sign was seen
     */
    private static function seen(array $trials): array
    {
        return array_count_values(array_merge(...array_map(
            static fn (LoggedTrial $trial): array => array_values(array_unique($trial->signs)), array_values($trials),
        )));
    }

    private static function recovery(DogRecord $record): Section
    {
        $byMonth = [];
        foreach (SessionEvent::query()->whereIn('session_id', $record->sessionIds())->where('kind', SessionEventKind::Settled)
            ->orderByDesc('occurred_at')->limit(self::MOST_EVENTS)->get() as $event) {
            $seconds = Fields::of($event->data)->numberOrNull('seconds');
            if ($seconds !== null) {
                $byMonth[$event->occurred_at->setTimezone($record->zone())->format('Y-m')][] = $seconds;
            }
        }
        ksort($byMonth);
        $facts = [];
        foreach ($byMonth as $month => $seconds) {
            $facts[] = [words()->formats->month(new \DateTimeImmutable("{$month}-01")), say('reports.vet.recovered', [
                'half' => words()->formats->seconds(Median::of($seconds)), 'count' => count($seconds),
            ])];
        }

        return new Section(say('reports.vet.recovery'), $facts === [] ? [say('reports.vet.recovery_none')] : [], $facts);
    }

    /** How it was before each session, as whoever handled it said. */
    private static function days(DogRecord $record): Section
    {
        $counts = [];
        foreach (Session::query()->whereIn('id', $record->sessionIds())->limit(1000)->get(['id', 'checklist']) as $session) {
            $state = Fields::of($session->checklist ?? [])->text('state');
            if ($state !== '') {
                $counts[$state] = ($counts[$state] ?? 0) + 1;
            }
        }
        arsort($counts);
        $facts = [];
        foreach ($counts as $state => $count) {
            $facts[] = [words()->capital(say("options.dog_state.{$state}")), say('reports.vet.days_of', [
                'count' => $count, 'sessions' => array_sum($counts),
            ])];
        }

        return new Section(say('reports.vet.days'), $facts === [] ? [say('reports.vet.days_none')] : [], $facts);
    }

    private static function incidents(DogRecord $record): Section
    {
        $events = Event::query()->where('dog_id', $record->dog->id)->whereIn('kind', [EventKind::Bite, EventKind::Incident])
            ->orderByDesc('occurred_at')->limit(20)->get();

        return new Section(
            say('reports.vet.incidents'), $events->isEmpty() ? [say('reports.vet.incidents_none')] : [],
            array_values($events->map(static fn (Event $event): array => [
                words()->formats->date($event->occurred_at), words()->capital(say("options.event_kind.{$event->kind->value}")),
            ])->all()),
        );
    }
}
