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
            $this->state()->keepsHandsOff() => words()->label($this->state()),
            $this->chosen->accepted !== null => say('messages.area_view.accepted', [
                'accepted' => self::way($this->chosen->accepted), 'isRefused' => $this->chosen->refused !== null,
                'refused' => self::way($this->chosen->refused),
            ]),
            $this->chosen->refused !== null => say('messages.area_view.too_hard_lately_2', ['refused' => self::way(
                $this->chosen->refused,
            )]),
            $this->chosen->isSeen() => say('messages.area_view.begun_too_few_trials_to_tell'),
            default => say('messages.area_view.not_tried'),
        };
    }

    /** A part by its name, with its side where it has one. */
    public static function name(string $area, string $side): string
    {
        $name = say("dimensions.contact.body_area.values.{$area}");

        return $side === 'both' ? $name : say("dogs.area_side.{$side}", ['area' => $name]);
    }

    /** A way of touching. */
    public static function way(?string $way): string
    {
        return $way === null ? '' : say("dimensions.contact.contact.values.{$way}");
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
