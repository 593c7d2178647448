<?php

declare(strict_types=1);

namespace App\Demo;

use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Models\AdviceGiven;
use App\Models\Plan;
use App\Models\Session;
use App\Models\TrainingSet;
use App\Models\User;
use App\Session\AskAdvice;
use App\Session\IncomingTrial;
use App\Session\LogTrial;
use App\Support\UuidOfBytes;
use Core\Decision\Action;
use Core\Decision\Level;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Simulation\Chance;
use Core\Simulation\SimulatedDog;
use Core\Simulation\SimulatedResponse;
use Core\Simulation\Temperament;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Sessions of a simulated dog, worked as the advice says and written through the same code as real ones. */
final readonly class DemoHistory
{
    private const MAX_TRIALS = 60;

    public function __construct(
        private LogTrial $log, private AskAdvice $advice, private SteppedClock $clock, private CoreCatalogs $catalogs,
        private PlanReader $plans,
    ) {
    }

    /**
     * @param  list<int>  $daysAgo  of each session, oldest first
     * @param  float  $location  the dog's hidden location in logits
     * @param  int  $seed  repeats the whole history
     */
    public function write(Plan $plan, User $user, array $daysAgo, float $location, int $seed, \DateTimeImmutable $today): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $dog = $plan->responseModel->kind === PlanKind::Presence
            ? $this->atADistance($plan, $location, new Chance($random))
            : $this->byItsLadder($plan, $user, $location, new Chance($random));
        foreach ($daysAgo as $days) {
            $this->clock->set($today->modify("-{$days} days")->setTime(8, $random->getInt(0, 50), $random->getInt(0, 59)));
            $this->session($plan, $user, $dog, $random);
        }
    }

    private function atADistance(Plan $plan, float $location, Chance $chance): SimulatedDog
    {
        $scale = LoadScale::of(
            $this->catalogs->dimensions(PlanKind::Presence), Distance::fromMeters($plan->responseModel->reference_meters),
            ['trigger_motion', 'trigger_attention'],
        );

        return new SimulatedDog(
            $scale, $location, [2.1, 1.6, 1.3], ['distance' => 2.3, 'trigger_motion' => 1.3, 'trigger_attention' => 0.9], 0.016,
            new Temperament(daySd: 0.6), $chance,
        );
    }

    /** Varies in what the ladder varies in. */
    private function byItsLadder(Plan $plan, User $user, float $location, Chance $chance): SimulatedDog
    {
        $inCore = $this->plans->read($plan);
        $scale = LoadScale::of(
            $inCore->catalog, $inCore->reference,
            [...array_column($inCore->scale([])->dimensions, 'key'), ...($plan->responseModel->kind === PlanKind::Contact ? ['side'] : [])],
            $inCore->reactsTo,
        );
        $slopes = [];
        foreach ($scale->dimensions as $dimension) {
            $slopes[$dimension->key] = $dimension->slope->mean();
        }

        return new SimulatedDog($scale, $location, [2.1, 1.6, 1.3], $slopes, 0.03, new Temperament(daySd: 0.4), $chance);
    }

    private function session(Plan $plan, User $user, SimulatedDog $dog, Randomizer $random): void
    {
        $isUnderTheHand = $plan->responseModel->kind !== PlanKind::Presence;
        $dog->wake();
        $plan->refresh();
        $session = Session::query()->create([
            'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $plan->responseModel->person_id,
            'user_id' => $user->id, 'place_id' => $plan->place_id, 'started_at' => $this->clock->now(),
        ]);
        $set = TrainingSet::query()->create(['session_id' => $session->id, 'position' => 1, 'started_at' => $this->clock->now()]);
        $advice = $this->advice->ask($session);
        if ($advice->exposure === null) {
            // not this today: nobody would have gone out
            AdviceGiven::query()->where('session_id', $session->id)->delete();
            $set->delete();
            $session->delete();

            return;
        }
        for ($n = 1; $n <= self::MAX_TRIALS && $advice->exposure !== null; $n++) {
            if ($advice->action === Action::Break) {
                $set->update(['ended_at' => $this->clock->now()]);
                $this->clock->pass($isUnderTheHand ? 45.0 : 60.0 * $random->getInt(4, 6));
                $set = TrainingSet::query()
                    ->create(['session_id' => $session->id, 'position' => $set->position + 1, 'started_at' => $this->clock->now()]);
                $session->unsetRelation('sets');
            }
            $advice = $this->trial($session, $user, $dog, $random, $advice, $n);
        }
        $this->clock->pass(40.0);
        $set->update(['ended_at' => $this->clock->now()]);
        $session->update(['ended_at' => $this->clock->now()]);
    }

    private function trial(
        Session $session, User $user, SimulatedDog $dog, Randomizer $random, AdviceGiven $advice, int $number,
    ): AdviceGiven {
        $this->clock->pass(
            (
                $session->plan->responseModel->kind === PlanKind::Presence ? $random->getInt(8, 24) : $random->getInt(4, 11)
            ) + $random->getInt(0, 999) / 1000,
        );
        $target = Exposure::of($advice->exposure ?? [], $this->catalogs->dimensions($session->plan->responseModel->kind));
        $real = $target;
        // helpers do not stand to the centimeter, and now and then look at the dog
        if ($target->distance() !== null) {
            $real = $real->withDistance(Distance::fromMeters(
                max(0.5, round($target->distance()->meters * (1.0 + ($dog->uniform() - 0.5) * 0.04), 1)),
            ));
        }
        $kind = $session->plan->responseModel->kind;
        $real = match ($kind) {
            PlanKind::Presence => $dog->uniform() < 0.15 ? $real->with('trigger_attention', 'glancing') : $real,
            PlanKind::Contact => $dog->uniform() < 0.35 ? $real->with('side', 'right') : $real->with('side', 'left'),
            default => $real,
        };
        $response = $kind === PlanKind::Contact
            ? SimulatedResponse::underTheHand($dog->meet($real), $dog->uniform(), $dog->uniform())
            : SimulatedResponse::to($dog->meet($real), $dog->uniform(), $dog->uniform());
        $now = $this->clock->now();

        return $this->log->log($session, $user, new IncomingTrial(
            self::uuid($random), $number, new Level(max(0, $advice->step->position ?? 0), $target), $advice->action, $advice->forecast(),
            $real, $response->outcome, $response->band, $response->signs,
            $response->food, true, $response->latency, null, false, false, null, $now, $now,
        ))['advice'];
    }

    /** A version 4 UUID from the seeded generator. */
    public static function uuid(Randomizer $random): string
    {
        return UuidOfBytes::version(4, $random->getBytes(16));
    }
}
