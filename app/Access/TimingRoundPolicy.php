<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\TimingRound;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A round is whoever's played it. */
final readonly class TimingRoundPolicy
{
    public function view(User $user, TimingRound $round): Response
    {
        return $round->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
