<?php

declare(strict_types=1);

namespace Core\Marking;

/** What a drawn dog, or a line, does for a moment. Durations are working values of our own. */
enum Act: string
{
    case Crossing = 'crossing';
    case Palm = 'palm';
    case HalfTouch = 'half_touch';
    case EyeContact = 'eye_contact';
    case Lick = 'lick';
    case Bob = 'bob';
    case Yawn = 'yawn';
    case Sniff = 'sniff';
    case MouthOpen = 'mouth_open';
    /** It begins like what is waited for, and comes to nothing. */
    case FalseStart = 'false_start';
    case Look = 'look';
    case Turn = 'turn';
    /** The mark, and no turn. */
    case NoTurn = 'no_turn';
    case WrongGuess = 'wrong_guess';
    /** Nothing: the dog waits for whoever trains it. */
    case Waiting = 'waiting';
    case Settled = 'settled';
    case Stirring = 'stirring';
    case TightLeash = 'tight_leash';
    /** Somebody comes nearer, and the distance is to be kept. */
    case Nearing = 'nearing';

    /** Goes on beside what the dog does: nothing a mark falls on. */
    public function isBeside(): bool
    {
        return $this === self::TightLeash || $this === self::Nearing;
    }

    /** @return array{int, int} shortest and longest, milliseconds */
    public function lasts(): array
    {
        return match ($this) {
            self::Crossing => [200, 260],
            self::Palm, self::HalfTouch => [200, 500],
            self::EyeContact, self::Look => [500, 2500],
            self::Lick => [150, 300],
            self::Bob => [300, 500],
            self::Yawn => [1200, 2000],
            self::Sniff => [600, 1500],
            self::MouthOpen => [400, 900],
            self::FalseStart => [200, 350],
            self::Turn => [600, 1200],
            self::WrongGuess => [600, 1000],
            self::NoTurn, self::Waiting, self::TightLeash, self::Nearing => [3000, 3000],
            self::Settled => [3000, 5000],
            self::Stirring => [800, 1500],
        };
    }

    /** @return array{int, int} milliseconds in which it can be seen to come: nobody reacts faster than about 0.2 s */
    public function comes(): array
    {
        return match ($this) {
            self::Crossing => [900, 1400],
            self::Palm, self::HalfTouch, self::FalseStart => [450, 800],
            self::Lick, self::Yawn, self::MouthOpen => [250, 450],
            self::EyeContact, self::Look, self::Turn => [200, 400],
            default => [0, 0],
        };
    }
}
