<?php

declare(strict_types=1);

namespace App\Models;

/** What a signed-in person is to the practice. */
enum Role: string
{
    case Owner = 'owner';
    case Trainer = 'trainer';
    /** Second pair of hands: sees everything, logs trials, changes no plan. */
    case Helper = 'helper';
    /** A dog's person: sees and works with that dog only. */
    case Guardian = 'guardian';

    public function managesPlans(): bool
    {
        return $this === self::Owner || $this === self::Trainer;
    }

    /** Invites people, gives them roles, and changes what the practice is called. */
    public function managesPractice(): bool
    {
        return $this === self::Owner;
    }

    public function startsSessions(): bool
    {
        return $this !== self::Helper;
    }
}
