<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;
use Core\Exposure\Exposure;
use Core\Ladder\Manner;
use Core\Sound\Player;

/** Somewhere a session can be: an exposure, and how its step is done. */
final readonly class PlaceState
{
    /**
     * @param  array<string, float|int|string>  $values  by dimension
     * @param  string  $instruction  of the step that this is; empty between steps
     * @param  ?array{fraction: ?float, seconds: float, onset: float}  $play  what sounds, for a plan about a sound
     * @param  ?string  $aim  what a trial is told to be that is done here; null where the device knows
     */
    public function __construct(
        public array $values, public string $instruction = '', public bool $onTheWay = false, public ?array $play = null,
        public ?string $aim = null,
    ) {
    }

    /** @param  ?Manner  $manner  of the step that this is */
    public static function of(Exposure $exposure, ?Manner $manner, ?Player $player, ?string $aim = null): self
    {
        $play = $player?->playback($exposure->values);

        return new self($exposure->values, $manner->instruction ?? '', $manner->isOnTheWay ?? false, $play === null ? null : [
            'fraction' => $play->fraction, 'seconds' => $play->seconds, 'onset' => $play->onset,
        ], $aim);
    }

    public static function read(Fields $kept): self
    {
        $play = $kept->below('play');

        return new self(
            $kept->values('values'), $kept->text('instruction'), $kept->isOn('onTheWay'), $kept->list('play') === [] ? null : [
                'fraction' => $play->numberOrNull('fraction'), 'seconds' => $play->number('seconds'), 'onset' => $play->number('onset'),
            ], $kept->textOrNull('aim'),
        );
    }
}
