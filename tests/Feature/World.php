<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\Role;
use App\Models\Session;
use App\Models\User;
use App\Plan\CreatePlan;
use App\Plan\LadderPlan;
use App\Plan\PlanDraft;
use App\Session\AskAdvice;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Measure\Distance;
use Core\Response\RiskCaps;

/** A practice with a dog, a plan and an open session, ready for a test. */
final readonly class World
{
    private function __construct(
        public Practice $practice, public User $trainer, public Dog $dog, public Plan $plan, public Session $session,
    ) {
    }

    public static function make(): self
    {
        $practice = Practice::query()->create(['name' => 'Test practice', 'town' => 'Nowhere']);
        $trainer = User::factory()->createOne(['practice_id' => $practice->id, 'role' => Role::Trainer]);
        $person = Person::query()->create(['practice_id' => $practice->id, 'user_id' => $trainer->id, 'name' => $trainer->name]);
        $place = Place::query()->create(['practice_id' => $practice->id, 'name' => 'Field', 'room_meters' => 150]);
        $dog = Dog::query()->create(['practice_id' => $practice->id, 'name' => 'Moss']);
        $meters = Distance::fromMeters(...);
        $plan = app(CreatePlan::class)->write($dog, $trainer, new PlanDraft(
            'Kites', PlanKind::Presence, null, 'Kites', $person->id, 'notice_and_turn_back', LadderPlan::EqualRatios, Criterion::run(5),
            RiskCaps::usual(),
            traits: ['size' => 'large'], placeId: $place->id, reaction: $meters(8.0), fineAt: $meters(40.0), start: 80.0, goal: 5.0,
            play: ['trigger_motion' => 'standing'], mostAdvances: 3,
        ));

        return new self($practice, $trainer, $dog, $plan, self::begin($plan, $trainer));
    }

    public function user(Role $role): User
    {
        return User::factory()->createOne(['practice_id' => $this->practice->id, 'role' => $role]);
    }

    /** @return array<string, mixed> a calm trial as a device sends it */
    public function trial(string $uuid, float $distance = 80.0): array
    {
        return [
            'uuid' => $uuid, 'sequence' => 1, 'device_at' => '2026-11-20T10:00:00.000Z', 'sent_at' => null, 'distance' => $distance,
            'exposure' => ['trigger_motion' => 'standing'],
            'outcome' => 'returned', 'band' => 1, 'signs' => ['watch.soft'], 'food' => 'gently', 'latency' => '1_2',
        ];
    }

    /** An open session with its first set and advice; begun a minute ago, or when it is said. */
    public static function begin(Plan $plan, User $trainer, ?\DateTimeInterface $at = null): Session
    {
        $at ??= now()->subMinute();
        $session = Session::query()->create([
            'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $plan->responseModel->person_id,
            'user_id' => $trainer->id, 'place_id' => $plan->place_id, 'started_at' => $at,
        ]);
        $session->sets()->create(['position' => 1, 'started_at' => $at]);
        app(AskAdvice::class)->ask($session);

        return $session;
    }
}
