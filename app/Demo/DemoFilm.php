<?php

declare(strict_types=1);

namespace App\Demo;

use App\Film\AddFilm;
use App\Film\KeepRecord;
use App\Models\Dog;
use App\Models\FilmRecord;
use App\Models\User;
use Core\Film\Record;

/** A film of an outing that two people have looked at, each for themselves. */
final readonly class DemoFilm
{
    private const LENGTH = 288_000;

    /** Of each trial: its band as the first saw it, and how many seconds the dog stared. */
    private const TRIALS = [
        [1, 2.0], [1, 1.6], [0, 1.0], [1, 2.4], [2, 3.8], [1, 2.2], [0, 1.2], [1, 1.8], [2, 4.4], [3, 6.0], [2, 4.0], [1, 2.6], [1, 2.0],
        [0, 0.8], [1, 1.4], [1, 1.6], [0, 1.0], [2, 3.2], [1, 2.2], [1, 1.8], [0, 1.2], [1, 1.4], [1, 1.0], [0, 0.8],
    ];

    /** Which of them the second saw otherwise, and how. */
    private const OTHERWISE = [4 => 1, 8 => 1, 9 => 2, 14 => 0];

    public function __construct(private AddFilm $films, private KeepRecord $records, private SteppedClock $clock)
    {
    }

    public function write(Dog $dog, User $first, User $second, \DateTimeImmutable $today): void
    {
        $this->clock->set($today->modify('-3 days')->setTime(19, 0));
        $film = $this->films->add($first, $dog, 'Riders from the ropewalk gate', self::LENGTH, 40_000, hash('sha256', 'drawn'));
        foreach ([$first, $second] as $i => $grader) {
            $this->clock->set($today->modify('-'.(3 - $i).' days')->setTime(20, 0));
            $record = $this->records->keep($film, $grader, self::seen($i === 1), 0);
            if ($record instanceof FilmRecord) {
                $this->records->finish($record);
            }
        }
        $this->clock->set($today->setTime(8, 0));
    }

    private static function seen(bool $isSecond): Record
    {
        $states = [['part' => 'gaze', 'state' => 'away', 'at' => 0], ['part' => 'leash', 'state' => 'slack', 'at' => 0]];
        $happenings = $trials = [];
        foreach (self::TRIALS as $i => [$band, $stare]) {
            $from = 12_000 * $i + 1000;
            $until = $from + (int) (1000 * $stare);
            $states[] = ['part' => 'gaze', 'state' => 'trigger', 'at' => $from];
            $states[] = ['part' => 'gaze', 'state' => 'handler', 'at' => $until];
            if ($band >= 2) {
                $states[] = ['part' => 'ears', 'state' => 'forward', 'at' => $from + 400];
                $states[] = ['part' => 'brow', 'state' => 'wrinkled', 'at' => $from + ($isSecond ? 1900 : 600)];
                $states[] = ['part' => 'brow', 'state' => 'smooth', 'at' => $until];
                $states[] = ['part' => 'ears', 'state' => 'neutral', 'at' => $until + ($isSecond ? 0 : 2600)];
            }
            if ($band < 3) {
                $happenings[] = ['what' => 'mark', 'at' => $from + 600];
                $happenings[] = ['what' => 'look_back', 'at' => $until];
                $happenings[] = ['what' => 'food', 'at' => $until + 1200];
            }
            $trials[] = ['from' => $from - 500, 'until' => $from + 8500, 'band' => $isSecond ? self::OTHERWISE[$i] ?? $band : $band];
        }

        return Record::fromArray(['length' => self::LENGTH, 'states' => $states, 'happenings' => $happenings, 'trials' => $trials]);
    }
}
