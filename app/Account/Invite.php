<?php

declare(strict_types=1);

namespace App\Account;

use App\Mail\Post;
use App\Models\Dog;
use App\Models\Invitation;
use App\Models\LinkKind;
use App\Models\Person;
use App\Models\Role;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Psr\Clock\ClockInterface;

/** Asks somebody to sign in to the practice, by a link that is good for a week and opens once. */
final readonly class Invite
{
    public function __construct(
        private OneTimeLinks $links, private Post $post, private ClockInterface $clock, private Trail $trail,
    ) {
    }

    /** @return array{Invitation, string} with its link */
    public function send(User $by, string $name, string $email, Role $role, ?Person $person = null, ?Dog $dog = null): array
    {
        foreach (Invitation::open()->where('practice_id', $by->practice_id)->where('email', $email)->get() as $older) {
            $this->withdraw($by, $older);
        }
        $invitation = Invitation::query()->create([
            'practice_id' => $by->practice_id, 'user_id' => $by->id, 'person_id' => $person?->id, 'dog_id' => $dog?->id, 'name' => $name,
            'email' => $email, 'role' => $role, 'made_at' => $this->clock->now(),
        ]);
        $this->trail->note($by, TrailAction::Invited, $invitation, ['role' => $role->value]);
        $link = $this->links->make(LinkKind::Invitation, $invitation->id);
        $facts = ['name' => $name, 'practice' => $by->practice->name, 'by' => $by->name, 'link' => $link];

        $this->post->send(
            $by->practice_id, $email, say('account.mail.invitation_subject', $facts), say('account.mail.invitation', $facts),
        );

        return [$invitation, $link];
    }

    public function withdraw(User $by, Invitation $invitation): void
    {
        $invitation->update(['withdrawn_at' => $this->clock->now()]);
        $this->links->end(LinkKind::Invitation, $invitation->id);
        $this->trail->note($by, TrailAction::InvitationWithdrawn, $invitation);
    }
}
