<?php

declare(strict_types=1);

namespace App\Film;

use App\Models\Dog;
use App\Models\Film;
use App\Models\User;
use Psr\Clock\ClockInterface;

/** Keeps what a film is known by; the same film of the same dog is the same. */
final readonly class AddFilm
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param  int  $length  milliseconds
     * @param  int  $frame  from one picture to the next, microseconds
     * @param  string  $fingerprint  64 hexadecimal digits of what is in the file
     */
    public function add(User $by, Dog $dog, string $name, int $length, int $frame, string $fingerprint): Film
    {
        return Film::query()->firstOrCreate(
            ['dog_id' => $dog->id, 'fingerprint' => strtolower($fingerprint), 'length_ms' => $length],
            [
                'practice_id' => $dog->practice_id, 'user_id' => $by->id, 'name' => $name, 'frame_us' => $frame,
                'added_at' => $this->clock->now(),
            ],
        );
    }
}
