<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Dog;
use App\Models\DogArea;
use App\Models\HandlerLimit;
use App\Models\Item;
use App\Models\Person;
use App\Models\User;
use App\Models\WearingLogged;
use Core\Handling\AreaState;
use Core\Wearing\Movement;
use Core\Wearing\WearingSituation;
use Illuminate\Support\Str;

/** What is known of the old shepherd mix under the hand: words, a sore place, who keeps away, and how the muzzle was worn. */
final readonly class DemoHandling
{
    public function write(Dog $mabel, Item $muzzle, User $user, Person $handler, \DateTimeImmutable $today): void
    {
        foreach ([
            ['front_paw', 'left', AreaState::Fine, 'paw', null], ['front_paw', 'right', AreaState::Fine, 'other paw', null],
            ['muzzle', 'both', AreaState::Fine, 'nose', null],
            ['flank', 'left', AreaState::Sore, null, 'stiff hip, seen by the vet in October'],
            ['tail', 'both', AreaState::NoGo, null, 'not before the nails are easy'],
        ] as [$area, $side, $state, $word, $note]) {
            DogArea::query()->create([
                'practice_id' => $mabel->practice_id, 'dog_id' => $mabel->id, 'user_id' => $user->id, 'area' => $area, 'side' => $side,
                'state' => $state, 'word' => $word, 'note' => $note,
            ]);
        }
        $jory = Person::query()->where('practice_id', $mabel->practice_id)->where('name', 'Jory Penn')->firstOrFail();
        HandlerLimit::query()->create([
            'practice_id' => $mabel->practice_id, 'dog_id' => $mabel->id, 'person_id' => $jory->id, 'user_id' => $user->id,
            'reason' => 'he was there when she was held down',
        ]);
        foreach ([
            [8, 20, WearingSituation::Still, Movement::PawsAtIt], [7, 45, WearingSituation::Still, Movement::AsUsual],
            [5, 120, WearingSituation::Cues, Movement::AsUsual], [4, 150, WearingSituation::Play, Movement::AsUsual],
            [2, 260, WearingSituation::Walk, Movement::AsUsual],
        ] as [$days, $seconds, $situation, $movement]) {
            WearingLogged::query()->create([
                'practice_id' => $mabel->practice_id, 'item_id' => $muzzle->id, 'person_id' => $handler->id, 'user_id' => $user->id,
                'uuid' => (string) Str::uuid7(),
                'started_at' => $today->modify("-{$days} days")->setTime(17, 5), 'seconds' => $seconds, 'situation' => $situation,
                'movement' => $movement,
            ]);
        }
    }
}
