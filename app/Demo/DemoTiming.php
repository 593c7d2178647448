<?php

declare(strict_types=1);

namespace App\Demo;

use App\Craft\PlayRound;
use App\Craft\RoundScript;
use App\Craft\StartRound;
use App\Models\TimingDevice;
use App\Models\TimingRound;
use App\Models\User;
use Core\Marking\Drill;
use Core\Marking\Episode;
use Core\Marking\Tap;

/** Somebody who has practiced marking for some days, and became better at it. */
final readonly class DemoTiming
{
    /** By drill and round: milliseconds after the start, more by turns. */
    private const ROUNDS = [['line', 60, 160], ['palm', 90, 900], ['palm', 60, 500], ['palm', 60, 120], ['touch_then_eyes', 100, 1900]];

    private const SEED = 20261129;

    public function __construct(private StartRound $rounds, private PlayRound $play, private SteppedClock $clock)
    {
    }

    public function write(User $learner, \DateTimeImmutable $today): void
    {
        $device = new TimingDevice(['delay_ms' => 0, 'spread_ms' => 12]);
        foreach (self::ROUNDS as $i => [$drill, $well, $badly]) {
            $this->clock->set($today->modify('-'.(count(self::ROUNDS) - $i).' days')->setTime(18, 10));
            $round = $this->rounds->start($learner, Drill::from($drill), $device, 'tap', self::SEED + $i);
            for ($part = 0; $part < 12 && $round->ended_at === null; $part++) {
                $this->play->play($round, self::taps($round, $well, $badly), RoundScript::of($round)->until() + 2100);
            }
        }
    }

    /** @return list<array{tap: string, at: int}> */
    private static function taps(TimingRound $round, int $well, int $badly): array
    {
        $wanted = array_values(array_filter(RoundScript::of($round)->episodes,
            static fn (Episode $one): bool => $one->wants === Tap::Mark));

        return array_map(static fn (Episode $one, int $i): array => [
            'tap' => Tap::Mark->value, 'at' => $one->from + ($i % 3 === 1 ? $badly : $well),
        ], $wanted, array_keys($wanted));
    }
}
