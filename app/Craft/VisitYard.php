<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\User;
use App\Models\YardVisit;
use App\Support\Fields;
use Core\Simulation\Chance;
use Core\Yard\Act;
use Core\Yard\ActAt;
use Core\Yard\Frame;
use Core\Yard\HandsRun;
use Core\Yard\HandsScore;
use Core\Yard\Scene;
use Core\Yard\YardDog;
use Core\Yard\YardRun;
use Core\Yard\YardScore;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Visits of the yard: begun, gone on with, ended. All that was done is sent each time and the run is played anew from its seed, so that an
 * answer that was lost is asked for again and changes nothing.
 */
final readonly class VisitYard
{
    /** Milliseconds from a mistake to where it is tried again. */
    private const BEFORE = 4000;

    /** Of a run in either scene, milliseconds. */
    public const LONGEST = YardRun::PASSES * YardRun::PASS;

    /** What a learner is shown at once: they may do something else by then. */
    private const AHEAD = 2500;

    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    public function begin(User $by, YardDog $dog): YardVisit
    {
        return YardVisit::query()->create([
            'practice_id' => $by->practice_id, 'user_id' => $by->id, 'dog' => $dog, 'seed' => random_int(1, 2_000_000_000), 'acts' => [],
            'started_at' => $this->clock->now(),
        ]);
    }

    /**
     * The same dog on the same day, from shortly before a moment.
     *
     * @param  int  $at  milliseconds
     */
    public function retry(User $by, YardVisit $visit, int $at): YardVisit
    {
        $from = intdiv(max(0, $at - self::BEFORE), YardRun::TICK) * YardRun::TICK;

        return YardVisit::query()->create([
            'practice_id' => $by->practice_id, 'user_id' => $by->id, 'dog' => $visit->dog, 'seed' => $visit->seed, 'from_ms' => $from,
            'acts' => array_values(array_filter($visit->acts, static fn (array $act): bool => $act['at'] < $from)),
            'started_at' => $this->clock->now(),
        ]);
    }

    /**
     * @param  list<array{act: string, at: int}>  $acts  all since the start, those it began with too
     * @param  int  $until  milliseconds that were played
     * @return list<Frame> what comes, if nothing is done
     */
    public function goOn(YardVisit $visit, array $acts, int $until): array
    {
        $this->database->transaction(function () use ($visit, $acts): void {
            $stored = YardVisit::query()->lockForUpdate()->findOrFail($visit->id);
            if ($stored->ended_at === null && count($acts) >= count($stored->acts)) {
                $stored->update(['acts' => $acts]);
            }
            $visit->setRawAttributes($stored->getAttributes(), true);
        });

        return array_values(array_filter(
            self::frames($visit, $until + self::AHEAD), static fn (Frame $frame): bool => $frame->at >= $until - YardRun::TICK,
        ));
    }

    public function end(YardVisit $visit, ?float $guess): void
    {
        if ($visit->ended_at === null) {
            $visit->update(['guess_meters' => $guess, 'ended_at' => $this->clock->now()]);
        }
    }

    /** @return non-empty-list<Frame> */
    public static function frames(YardVisit $visit, int $until = self::LONGEST): array
    {
        $chance = new Chance(new Randomizer(new Mt19937($visit->seed)));

        return match ($visit->dog->scene()) {
            Scene::Path => YardRun::played($visit->dog, $chance, self::acts($visit), $until),
            Scene::Hands => HandsRun::played($visit->dog, $chance, self::acts($visit), $until),
        };
    }

    /** Milliseconds at which the first mistake was made; null where there was none. */
    public static function mistake(YardVisit $visit): ?int
    {
        return match ($visit->dog->scene()) {
            Scene::Path => YardScore::of($visit->dog, self::frames($visit), self::acts($visit))->mistake,
            Scene::Hands => HandsScore::of(self::frames($visit), self::acts($visit))->mistake,
        };
    }

    /** @return list<ActAt> in their order */
    public static function acts(YardVisit $visit): array
    {
        $acts = array_map(static function (array $one): ActAt {
            $one = Fields::of($one);

            return new ActAt(Act::from($one->text('act')), $one->int('at'));
        }, $visit->acts);
        usort($acts, static fn (ActAt $a, ActAt $b): int => $a->at <=> $b->at);

        return $acts;
    }
}
