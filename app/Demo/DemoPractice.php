<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\Practice;
use App\Models\Role;
use App\Models\User;
use App\Plans\PlanDraft;
use App\Plans\PlanWriter;
use Core\Measure\Distance;
use Core\Response\RiskLimits;

/** The invented practice that ships with the application: Saltmarsh Lane Behavior in Eelmouth, its people and dogs. */
final readonly class DemoPractice
{
    public const PASSWORD = 'marsh-samphire-42';

    public function __construct(private PlanWriter $plans, private DemoHistory $history)
    {
    }

    public function write(\DateTimeImmutable $today): Practice
    {
        $practice = Practice::query()->create(['name' => 'Saltmarsh Lane Behavior', 'town' => 'Eelmouth', 'time_zone' => 'Europe/London']);
        $rowan = $this->user($practice, 'Rowan Thwaite', 'rowan', Role::Owner);
        $ines = $this->user($practice, 'Ines Calder', 'ines', Role::Trainer);
        $this->user($practice, 'Jory Penn', 'jory', Role::Helper);
        $wilma = $this->user($practice, 'Wilma Osk', 'wilma', Role::Guardian);
        $handler = Person::query()->where('user_id', $rowan->id)->firstOrFail();
        $second = Person::query()->where('user_id', $ines->id)->firstOrFail();
        $seawall = Place::query()->create(['practice_id' => $practice->id, 'name' => 'Seawall path', 'room_meters' => 120]);
        $ropewalk = Place::query()->create(['practice_id' => $practice->id, 'name' => 'Old ropewalk field', 'room_meters' => 160]);

        $bodkin = $this->dog($practice, 'Bodkin', 'retired sled dog, 9, steady except near delivery carts', '2017-03-12');
        $bodkin->guardians()->attach($wilma);
        $gorse = $this->dog($practice, 'Gorse', 'young hound, 2, barks at horse riders', '2024-05-30');
        $this->dog($practice, 'Thimble', 'cat-sized terrier, 6, hates ear drops', '2020-09-02');
        $mabel = $this->dog($practice, 'Old Mabel', 'shepherd mix, 11, and the nail grinder', '2015-01-20');
        $mabel->update(['bite_history' => true, 'health_note' => 'stiff in the left hip, seen by the vet in October']);

        $carts = $this->plans->write($bodkin, $rowan, $this->draft('Delivery carts', ['size' => 'chest-high', 'wheels' => 'four, rattling'], $handler, $seawall, 8.0, 32.0, 64.0, 4.0));
        $this->history->write($carts, $rowan, [31, 28, 26, 23, 21, 18, 15, 12, 9, 7, 4, 2], 0.2, 20261101, $today);
        $riders = $this->plans->write($gorse, $ines, $this->draft('Horse riders', ['size' => 'large', 'speed' => 'walk to trot'], $second, $ropewalk, 16.0, 110.0, 140.0, 10.0));
        $this->history->write($riders, $ines, [16, 14, 11, 9], 1.2, 3, $today);

        return $practice;
    }

    /** @param  array<string, string>  $traits */
    private function draft(string $trigger, array $traits, Person $handler, Place $place, float $reaction, float $fine, float $start, float $goal): PlanDraft
    {
        return new PlanDraft(
            $trigger, null, $trigger, $traits, $handler->id, $place->id, null, null,
            Distance::fromMeters($reaction), Distance::fromMeters($fine), Distance::fromMeters($start), Distance::fromMeters($goal),
            'slow_walk', 5, RiskLimits::usual(), 4, 4, 30, 60,
        );
    }

    private function user(Practice $practice, string $name, string $login, Role $role): User
    {
        $user = User::query()->create([
            'practice_id' => $practice->id, 'name' => $name, 'email' => "{$login}@saltmarshlane.example", 'password' => self::PASSWORD, 'role' => $role, 'distance_unit' => 'm',
        ]);
        Person::query()->create(['practice_id' => $practice->id, 'user_id' => $user->id, 'name' => $name]);

        return $user;
    }

    private function dog(Practice $practice, string $name, string $description, string $bornOn): Dog
    {
        return Dog::query()->create(['practice_id' => $practice->id, 'name' => $name, 'description' => $description, 'born_on' => $bornOn]);
    }
}
