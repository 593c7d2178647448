<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\SoundSetUp;
use Core\Measure\LevelScale;
use Core\Measure\SoundLevel;
use Core\Sound\Recording;

/** What is to be played, and how loud it was found to be. */
final readonly class SoundDraft
{
    /**
     * @param  ?float  $level  dB(A) read at the dog's place; null if nobody measured
     * @param  ?float  $percent  of the player's full scale, at which it was read
     */
    public function __construct(
        public ?Recording $recording, public ?float $level, public ?float $percent, public float $ceiling, public float $onset,
    ) {
    }

    /** How levels are told from now on. Where they were kept before anybody measured, they lie so many decibels from the real ones. */
    public function scale(?SoundSetUp $before): LevelScale
    {
        return $this->level === null ? LevelScale::ofPlayer() : LevelScale::measured($this->shift($before));
    }

    /** @return array<string, mixed> */
    public function columns(?SoundSetUp $before): array
    {
        return [
            'recording' => $this->recording, 'read_level' => $this->level, 'read_percent' => $this->level === null ? null : $this->percent,
            'shift' => $this->shift($before), 'ceiling' => $this->ceiling, 'onset_seconds' => $this->onset,
        ];
    }

    private function shift(?SoundSetUp $before): float
    {
        return match (true) {
            $before === null => 0.0,
            $before->read_level !== null || $this->level === null || $this->percent === null => $before->shift,
            default => round($this->level - SoundLevel::gain($this->percent / 100.0) - LevelScale::NOMINAL_FULL, 2),
        };
    }
}
