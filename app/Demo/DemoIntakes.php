<?php

declare(strict_types=1);

namespace App\Demo;

use App\Dog\KeepHealth;
use App\Models\Dog;
use App\Models\HealthKind;
use App\Models\Intake;
use App\Models\ManagementAgreement;
use App\Models\SkillShowing;
use App\Models\User;

/** What was told and shown of the invented dogs before their plans began. */
final readonly class DemoIntakes
{
    public function __construct(private KeepHealth $health)
    {
    }

    public function write(Dog $bodkin, Dog $gorse, Dog $thimble, Dog $mabel, User $user, \DateTimeImmutable $today): void
    {
        $this->intake($bodkin, $user, [
            'arrived_on' => '2025-02-08', 'since' => 'the move to the harbor', 'how_often' => 'every second walk',
            'history' =>
                'Pulled sleds for six winters. A loose cart rolled at him in March; since then he lunges at anything on four rattling '
                    .'wheels.',
            'worst' => 'snap', 'worst_facts' => 'Snapped at the air beside a cart in June, nobody touched.',
            'baseline' => 'Moves stiffly for the first minutes, then level. Ears mostly back when at ease.',
            'normal_signs' => ['slow.walk'],
        ]);
        $this->intake($gorse, $user, [
            'since' => 'the first summer', 'how_often' => 'whenever riders pass', 'worst' => 'growl', 'children_near' => false,
            'baseline' => 'Bouncy, tail high.',
        ]);
        $this->intake($thimble, $user, [
            'since' => 'an ear infection two years ago', 'worst' => 'snap', 'worst_facts' => 'Snapped when held for drops.',
            'vet_seen_on' => $today->modify('-20 days')->format('Y-m-d'), 'medication' => 'ear drops, twice a day',
            'food_limits' => 'no chicken',
        ]);
        $this->intake($mabel, $user, [
            'since' => 'this spring', 'worst' => 'bite',
            'worst_facts' => 'Bit a sleeve at a salon in April, skin whole; held down for the grinder.', 'pain_signs' => true,
            'vet_seen_on' => $today->modify('-40 days')->format('Y-m-d'), 'corrections' => true,
            'baseline' => 'Slow on the left hind leg.', 'normal_signs' => ['slow.walk', 'pant.heavy'],
        ]);
        $mabel->update([
            'bite_history' => true, 'hides_signs' => true, 'health_note' => 'stiff in the left hip, seen by the vet in October',
        ]);
        $bodkin->triggers()->firstOrCreate(['name' => 'Shopping trolleys'], [
            'practice_id' => $bodkin->practice_id, 'motive' => 'fear', 'named_by' => 'guardian',
        ]);
        foreach ([
            'marker' => 'kitchen, yard, Seawall path', 'eats_there' => 'Seawall path', 'name_turn' => 'Seawall path',
            'turn_away' => 'Old ropewalk field',
        ] as $skill => $place) {
            $this->shown($bodkin, $user, $skill, 'ready', $place, $today->modify('-5 days'));
            $this->shown($gorse, $user, $skill, 'ready', $place, $today->modify('-8 days'));
        }
        $this->shown($mabel, $user, 'marker', 'ready', 'kitchen', $today->modify('-12 days'));
        $this->shown($mabel, $user, 'eats_there', 'ready', 'kitchen', $today->modify('-3 days'));
        $this->shown($mabel, $user, 'station', 'learning', 'kitchen', $today->modify('-3 days'));
        foreach ([
            [$thimble, HealthKind::Medication, 'ear drops, twice a day', null, -20, null],
            [$mabel, HealthKind::Condition, 'stiff in the left hip', null, -44, null],
            [$mabel, HealthKind::Medication, 'pain relief, 50 mg twice a day', null, -40, -12],
            [$mabel, HealthKind::Weight, '', 31.4, -40, null], [$mabel, HealthKind::Weight, '', 30.2, -6, null],
        ] as [$dog, $kind, $name, $kilograms, $from, $until]) {
            $this->health->add(
                $user, $dog, $kind, $name, $kilograms, $today->modify("{$from} days")->format('Y-m-d'),
                $until === null ? null : $today->modify("{$until} days")->format('Y-m-d'),
            );
        }
        ManagementAgreement::query()->create([
            'practice_id' => $bodkin->practice_id, 'dog_id' => $bodkin->id, 'user_id' => $user->id, 'agreed_with' => 'Wilma Osk',
            'items' => ['quiet', 'turn', 'told'],
            'note' => 'No walks along the quay between eight and nine, when the carts go out.',
            'agreed_on' => $today->modify('-33 days')->format('Y-m-d'),
        ]);
    }

    /** @param  array<string, mixed>  $told */
    private function intake(Dog $dog, User $user, array $told): void
    {
        Intake::query()->create(['practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, ...$told]);
    }

    private function shown(Dog $dog, User $user, string $skill, string $state, string $place, \DateTimeImmutable $on): void
    {
        SkillShowing::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, 'skill' => $skill, 'state' => $state,
            'place' => $place, 'shown_on' => $on->format('Y-m-d'),
        ]);
    }
}
