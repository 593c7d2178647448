<?php

declare(strict_types=1);

namespace Core\Exposure;

/** What a plan works on, and so which dimensions its exposures have. */
enum PlanKind: string
{
    /** A trigger at a distance: dogs, people, wheels, animals, things. */
    case Presence = 'presence';
    /** Hands, tools and items worn: handling, grooming, care. */
    case Contact = 'contact';
    case Sound = 'sound';
    /** A skill that is held: focus, mat, chin rest. */
    case Duration = 'duration';

    public function label(): string
    {
        return match ($this) {
            self::Presence => 'something at a distance',
            self::Contact => 'hands, tools or something worn',
            self::Sound => 'a sound',
            self::Duration => 'a skill that is held',
        };
    }

    /** On the button that ends an exposure at once. */
    public function leaveWords(): string
    {
        return match ($this) {
            self::Presence, self::Duration => 'Leave now',
            self::Contact => 'Hands off',
            self::Sound => 'Sound off',
        };
    }

    /** What a criterion counts, for one and for several. */
    public function successWords(int $count): string
    {
        $word = match ($this) {
            self::Presence => 'unprompted return',
            self::Contact => 'accepted repetition',
            self::Sound => 'calm repetition',
            self::Duration => 'held repetition',
        };

        return $count === 1 ? $word : "{$word}s";
    }

    /** Key of the measured dimension that leads: the one that eases first and is drawn along. */
    public function leads(): string
    {
        return match ($this) {
            self::Presence => 'distance',
            self::Contact => 'gap',
            self::Sound => 'level',
            self::Duration => 'duration',
        };
    }
}
