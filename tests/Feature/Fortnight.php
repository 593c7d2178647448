<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\FreeSession;
use App\Models\HealthEntry;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Plan;
use App\Models\Report;
use App\Models\ReportKind;
use App\Models\Session;
use App\Plan\CreatePlan;
use App\Plan\LadderPlan;
use App\Plan\PlanDraft;
use Carbon\CarbonImmutable;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Response\RiskCaps;
use Illuminate\Support\Str;
use Tests\TestCase;
use Tests\TestClock;

/**
 * What a dog's last two weeks leave behind: outings, handling, homework, frights, weighings, medicine, and every paper about it; so that
 * whatever counts, averages or draws has something to count.
 */
final readonly class Fortnight
{
    /** Days ago, and of each trial what it did, how hard it was, where, and milliseconds to turn. */
    private const OUTINGS = [
        13 => [
            ['returned', 0, 80, 600], ['returned', 0, 80, 700], ['returned', 1, 80, 1100], ['returned', 0, 80, 800],
            ['returned', 0, 80, 900], ['returned', 1, 72, 1200], ['watched', 1, 72, null],
        ],
        9 => [
            ['returned', 0, 68, 500], ['returned', 1, 68, 1300], ['returned', 0, 68, 700], ['returned', 1, 68, 900],
            ['returned', 0, 68, 800], ['prompted', 2, 58, 2400], ['unnoticed', 0, 66, null],
        ],
        6 => [['returned', 1, 60, 900], ['prompted_stiff', 3, 47, 3900], ['returned', 0, 66, 700], ['returned', 1, 60, 1000]],
        2 => [
            ['returned', 0, 60, 600], ['returned', 0, 55, 800], ['returned', 1, 55, 900], ['reacted', 4, 30, null],
            ['returned', 0, 80, 1200],
        ],
    ];

    private const OFFERS = [['reached', 0], ['reached', 0], ['reached', 1], ['reached', 0], ['left', 2], ['reached', 0]];

    /** @return array<string, string> addresses of the papers, by their kind */
    public static function of(World $world, TestCase $test): array
    {
        $test->actingAs($world->trainer);
        $world->dog->update(['trainer_id' => $world->trainer->id, 'breed' => 'sled dog']);
        foreach (self::OUTINGS as $daysAgo => $trials) {
            $session = self::session($test, $world, $world->plan, $daysAgo);
            foreach ($trials as $i => [$outcome, $band, $meters, $turned]) {
                $test->travel(45)->seconds();
                $test->postJson("/sessions/{$session->id}/trials", [
                    ...$world->trial((string) Str::uuid(), (float) $meters), 'sequence' => $i + 1, 'outcome' => $outcome, 'band' => $band,
                    'signs' => $band > 1 ? ['lick.lip'] : [], 'latency' => null, 'latency_ms' => $turned,
                    'device_at' => now()->format('Y-m-d\TH:i:s.v\Z'), 'traits' => $i % 2 === 0 ? ['loud'] : [],
                ])->assertCreated();
            }
            $test->travel(1)->minutes();
            $test->post("/sessions/{$session->id}/end")->assertRedirect();
        }
        $nails = app(CreatePlan::class)->write($world->dog, $world->trainer, new PlanDraft(
            'Nails', PlanKind::Contact, null, 'Nails', $world->session->person_id, 'opt_in_station', LadderPlan::Template,
            Criterion::share(4, 5), RiskCaps::usual(), template: 'nails', sessionMinutes: 10, easyAfter: 3,
        ));
        $handled = self::session($test, $world, $nails, 4);
        foreach (self::OFFERS as [$outcome, $band]) {
            $test->travel(30)->seconds();
            $at = now()->getTimestampMs();
            $test->postJson("/sessions/{$handled->id}/entries", [
                'device' => '6f7c1d9e-3b55-4c0e-9d58-2a1b7c9e0f11', 'user' => $world->trainer->id, 'entries' => [[
                    'uuid' => (string) Str::uuid(), 'kind' => 'trial', 'at' => $at, 'sent_at' => $at,
                    'trial' => ['outcome' => $outcome, 'band' => $band, 'food' => 'gently'],
                ]],
            ])->assertOk();
        }
        $test->post("/sessions/{$handled->id}/end")->assertRedirect();
        $test->travelTo(new CarbonImmutable(TestClock::START));
        self::beside($world);
        $papers = ['free-sessions/ended' => '/free-sessions/'.self::lookAround($world)->id];
        foreach (ReportKind::cases() as $kind) {
            $test->post("/dogs/{$world->dog->id}/reports/{$kind->value}", [
                'to' => 'Whoever asks', 'parts' => ['', ...$kind->parts()], 'language' => 'en', 'note' => 'As it was.',
            ])->assertSessionHasNoErrors();
            $papers["reports/{$kind->value}"] = '/reports/'.Report::query()->latest('id')->firstOrFail()->id;
        }

        return $papers;
    }

    private static function session(TestCase $test, World $world, Plan $plan, int $daysAgo): Session
    {
        $test->travelTo((new CarbonImmutable(TestClock::START))->subDays($daysAgo));

        return World::begin($plan, $world->trainer, now());
    }

    /** An outing with a break in the middle; seconds from its start. */
    private static function lookAround(World $world): FreeSession
    {
        $start = now()->subDays(3);
        $free = FreeSession::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id,
            'person_id' => $world->session->person_id, 'place_id' => $world->session->place_id, 'uuid' => (string) Str::uuid(),
            'activity' => 'look_around', 'started_at' => $start, 'ended_at' => $start->addMinutes(7), 'end_note' => 'A breeze.',
        ]);
        $seen = [
            [10, 'looked', null, null], [40, 'looked', null, null], [70, 'stare', 7.0, 'jogger'], [90, 'unanswered', null, null],
            [120, 'segment', null, 'break'], [240, 'segment', null, 'changed'], [255, 'looked', null, null], [270, 'looked', null, null],
            [300, 'stare', 3.0, 'bicycle'], [330, 'startled', 2.0, 'bang'], [345, 'looked', null, null], [400, 'looked', null, null],
        ];
        foreach ($seen as [$at, $kind, $seconds, $what]) {
            $free->observations()->create([
                'practice_id' => $world->practice->id, 'user_id' => $world->trainer->id, 'uuid' => (string) Str::uuid(), 'kind' => $kind,
                'occurred_at' => $start->addSeconds($at), ...array_filter(['seconds' => $seconds, 'what' => $what]),
            ]);
        }

        return $free;
    }

    private static function beside(World $world): void
    {
        $of = ['practice_id' => $world->practice->id, 'dog_id' => $world->dog->id];
        foreach ([14.2, 14.0, 13.9, 13.9, 13.6, 13.5, 13.4, 13.2] as $i => $kilograms) {
            HealthEntry::query()->create([
                ...$of, 'user_id' => $world->trainer->id, 'kind' => 'weight', 'kilograms' => $kilograms,
                'from_on' => now()->subDays(84 - 10 * $i)->format('Y-m-d'),
            ]);
        }
        foreach ([['pain relief', 20, null], ['eye drops', 12, 5]] as [$name, $from, $until]) {
            HealthEntry::query()->create([
                ...$of, 'user_id' => $world->trainer->id, 'kind' => 'medication', 'name' => $name,
                'from_on' => now()->subDays($from)->format('Y-m-d'),
                'until_on' => $until === null ? null : now()->subDays($until)->format('Y-m-d'),
            ]);
        }
        foreach ([['upset', 2, 30], ['off_plan', 3, 54], ['upset', 4, 200], ['calm', 1, 26]] as [$kind, $severity, $hoursAgo]) {
            Event::query()->create([
                ...$of, 'user_id' => $world->trainer->id, 'kind' => $kind, 'severity' => $severity, 'uuid' => (string) Str::uuid(),
                'occurred_at' => now()->subHours($hoursAgo),
            ]);
        }
        $settle = Homework::query()->create([
            ...$of, 'user_id' => $world->trainer->id, 'kind' => 'settle', 'name' => 'Settle', 'what' => 'Mat beside you.',
            'counts_when' => 'It stays.', 'stop_when' => 'It gets up twice.', 'times_a_day' => 2,
            'from_on' => now()->subDays(6)->format('Y-m-d'),
        ]);
        foreach ([[5, 'good'], [5, 'good'], [4, 'good'], [3, 'too_much'], [1, 'good'], [1, 'good'], [0, 'good']] as [$daysAgo, $answer]) {
            HomeRep::query()->create([
                ...$of, 'homework_id' => $settle->id, 'uuid' => (string) Str::uuid(), 'answer' => $answer,
                'occurred_at' => now()->subDays($daysAgo), 'received_at' => now()->subDays($daysAgo),
            ]);
        }
    }
}
