<?php

declare(strict_types=1);

namespace Core\Tests\Yard;

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
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Runs of learners who do this and that by chance, with each of the drawn dogs: how far, what it feels and shows, and what the run came
 * to; judged by nobody, so that nothing of it changes unseen. Where a change is meant, write it anew and read the difference:
 *
 *     php core/tests/Yard/PlayedRuns.php
 */
final class PlayedRuns
{
    public const FILE = __DIR__.'/played.txt';

    /** Learners who come near and stay, make room, go to and fro, do everything. */
    private const LEARNERS = [
        'bold' => ['nearer', 'nearer', 'nearer', 'show', 'mark', 'feed', 'farther'],
        'careful' => ['show', 'nearer', 'mark', 'feed', 'farther', 'walk_off', 'return', 'cue'],
        'to and fro' => ['nearer', 'nearer', 'farther', 'nearer', 'farther', 'show'],
        'busy' => ['nearer', 'show', 'mark', 'feed', 'cue', 'count', 'farther', 'nearer', 'walk_off', 'return', 'nearer'],
    ];

    /** Ticks to a line. */
    private const EVERY = 30;

    public static function text(): string
    {
        $lines = [];
        foreach (YardDog::cases() as $dog) {
            foreach (array_keys(self::LEARNERS) as $i => $learner) {
                $acts = self::acts($learner, 10 * $i + 1);
                $isPath = $dog->scene() === Scene::Path;
                $chance = new Chance(new Randomizer(new Mt19937(100 + $i)));
                $frames = $isPath
                    ? YardRun::played($dog, $chance, $acts, YardRun::PASSES * YardRun::PASS)
                    : HandsRun::played($dog, $chance, $acts, HandsRun::LENGTH);
                $score = $isPath ? YardScore::of($dog, $frames, $acts) : HandsScore::of($frames, $acts);
                $lines[] = "# {$dog->value}, {$learner}";
                foreach (array_chunk($frames, self::EVERY) as $some) {
                    $lines[] = self::line($some);
                }
                $lines[] = (string) json_encode(get_object_vars($score), JSON_THROW_ON_ERROR);
            }
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * How it is after three seconds, what it shows in the mean, and for how many of its tenths it was away, looked back, loaded, was over,
     * answered and ate.
     *
     * @param  non-empty-list<Frame>  $frames
     */
    private static function line(array $frames): string
    {
        $last = $frames[count($frames) - 1];
        $times = static function (\Closure $is) use ($frames): string {
            $count = count(array_filter($frames, $is));

            return $count === 0 ? '·' : (string) $count;
        };

        return sprintf(
            '%5.1f  %5.2f m  %.4f  %.3f  %s', $last->at / 1000.0, $last->meters(), $last->arousal,
            array_sum($last->posture->toArray()) / 6.0,
            implode(' ', array_map($times, [
                static fn (Frame $one): bool => $one->isAway, static fn (Frame $one): bool => $one->looksBack,
                static fn (Frame $one): bool => $one->isLoading, static fn (Frame $one): bool => $one->isOver,
                static fn (Frame $one): bool => $one->answered, static fn (Frame $one): bool => $one->ate,
            ])),
        );
    }

    /** @return list<ActAt> one after another, at times where things begin and end as well as between them */
    private static function acts(string $learner, int $seed): array
    {
        $chance = new Chance(new Randomizer(new Mt19937($seed)));
        $acts = [];
        for ($at = 300; $at < HandsRun::LENGTH; $at += 100 * (int) ceil(25.0 * $chance->uniform())) {
            $may = self::LEARNERS[$learner];
            $acts[] = new ActAt(Act::from($may[(int) floor(count($may) * $chance->uniform())]), $at);
        }

        return $acts;
    }
}

if (get_included_files()[0] === __FILE__) {
    require dirname(__DIR__, 3).'/vendor/autoload.php';
    file_put_contents(PlayedRuns::FILE, PlayedRuns::text());
}
