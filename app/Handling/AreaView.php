<?php

declare(strict_types=1);

namespace App\Handling;

use App\Models\DogArea;
use App\Models\Plan;
use Core\Handling\Acceptance;
use Core\Handling\AreaState;

/** One part of a dog on its map. */
final readonly class AreaView
{
    /**
     * @param  Acceptance  $chosen  from the person chosen, or from anybody
     * @param  array<string, Acceptance>  $byPerson  by name, of those who have tried
     * @param  list<Plan>  $plans  that work on it
     * @param  ?int  $level  1 to 5 of what is accepted; null for nothing yet
     */
    public function __construct(
        public string $area,
        public string $side,
        public string $label,
        public Acceptance $chosen,
        public array $byPerson,
        public ?DogArea $known,
        public array $plans,
        public ?int $level,
    ) {
    }

    public function id(): string
    {
        return "area-{$this->area}-{$this->side}";
    }

    public function state(): AreaState
    {
        return $this->known->state ?? AreaState::Fine;
    }

    /** What the map says of it in words: as a label on the drawing and a cell of the table. */
    public function inWords(): string
    {
        return match (true) {
            $this->state()->keepsHandsOff() => $this->state()->label(),
            $this->chosen->accepted !== null => "{$this->chosen->accepted} accepted".($this->chosen->refused === null ? '' : ", {$this->chosen->refused} too hard lately"),
            $this->chosen->refused !== null => "{$this->chosen->refused} too hard lately",
            $this->chosen->isSeen() => 'begun, too few trials to tell',
            default => 'not tried',
        };
    }

    /** What stands on the drawing, readable without color. */
    public function mark(): string
    {
        return match (true) {
            $this->state() === AreaState::Missing => '×',
            $this->state()->keepsHandsOff() || ($this->level === null && $this->chosen->refused !== null) => '!',
            $this->level !== null => (string) $this->level,
            $this->chosen->isSeen() => '·',
            default => '',
        };
    }
}
