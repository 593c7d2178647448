<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Invitation;
use App\Models\LinkKind;
use App\Models\OneTimeLink;
use App\Models\Person;
use App\Models\Practice;
use App\Models\Role;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Makes the sign-in a one-time link was sent for: of somebody invited, or of the first owner of a new practice. */
final readonly class Join
{
    public function __construct(
        private OneTimeLinks $links, private Connection $database, private ClockInterface $clock, private Trail $trail,
    ) {
    }

    public function invitation(string $token): ?Invitation
    {
        $link = $this->links->find(LinkKind::Invitation, $token);

        return $link === null ? null : Invitation::open()->whereKey($link->subject_id)->first();
    }

    /** Null where the link was used in the meantime. */
    public function asInvited(string $token, string $name, string $password): ?User
    {
        return $this->database->transaction(function () use ($token, $name, $password): ?User {
            $link = $this->links->find(LinkKind::Invitation, $token);
            $invitation = $this->invitation($token);
            if ($link === null || $invitation === null || ! $this->links->use($link)) {
                return null;
            }
            $invitation->update(['accepted_at' => $this->clock->now()]);
            $user = $this->user($invitation->practice_id, $name, $invitation->email, $password, $invitation->role);
            // null matches nobody
            $person = Person::query()->whereKey($invitation->person_id)->whereNull('user_id')->first();
            if ($person === null) {
                Person::query()->create(['practice_id' => $user->practice_id, 'user_id' => $user->id, 'name' => $name]);
            } else {
                $person->update(['user_id' => $user->id, 'name' => $name]);
            }
            if ($invitation->role === Role::Guardian) {
                $invitation->dog?->guardians()->syncWithoutDetaching([$user->id]);
            }
            $this->trail->note($user, TrailAction::Joined, $user, ['role' => $user->role->value]);

            return $user;
        });
    }

    public function setUpLink(string $token): ?OneTimeLink
    {
        return $this->links->find(LinkKind::SetUp, $token);
    }

    /** Null where the link was used in the meantime. */
    public function asFirstOwner(
        string $token, string $practice, string $town, string $zone, string $name, string $email, string $password,
    ): ?User {
        return $this->database->transaction(function () use ($token, $practice, $town, $zone, $name, $email, $password): ?User {
            $link = $this->setUpLink($token);
            if ($link === null || ! $this->links->use($link)) {
                return null;
            }
            $made = Practice::query()->create(['name' => $practice, 'town' => $town, 'time_zone' => $zone]);
            $user = $this->user($made->id, $name, $email, $password, Role::Owner);
            Person::query()->create(['practice_id' => $made->id, 'user_id' => $user->id, 'name' => $name]);
            $this->trail->note($user, TrailAction::PracticeMade, $made);

            return $user;
        });
    }

    private function user(int $practice, string $name, string $email, string $password, Role $role): User
    {
        return User::query()->create([
            'practice_id' => $practice, 'name' => $name, 'email' => $email, 'password' => $password, 'role' => $role,
        ]);
    }
}
