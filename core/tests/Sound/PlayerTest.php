<?php

declare(strict_types=1);

namespace Core\Tests\Sound;

use Core\Exception\InvalidMeasure;
use Core\Measure\LevelScale;
use Core\Simulation\Chance;
use Core\Sound\Metering;
use Core\Sound\Player;
use Core\Sound\Recording;
use Core\Sound\Synthesis;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** A level at the dog, the share of a player that gives it, and what a meter there makes of it. */
#[CoversClass(Player::class)]
#[CoversClass(LevelScale::class)]
#[CoversClass(Metering::class)]
#[CoversClass(Synthesis::class)]
final class PlayerTest extends TestCase
{
    /** By hand: 52 dB(A) at 5 % is 52 + 26.02 = 78.02 at full scale; 46 dB(A) is 32.02 under that: 10^(−1.601) = 2.506 %. */
    public function test_one_reading_tells_the_share_for_every_level(): void
    {
        $player = Player::measured(LevelScale::measured(), 52.0, 0.05, 65.0);

        self::assertEqualsWithDelta(0.05, $player->fraction(52.0), 1e-12);
        self::assertEqualsWithDelta(0.02506, $player->fraction(46.0), 1e-5);
        self::assertEqualsWithDelta(
            10.0 ** 0.15 * (float) $player->fraction(55.0), $player->fraction(58.0), 1e-9, 'three decibels are 1.41 times the share',
        );
    }

    public function test_nothing_is_played_over_the_ceiling_beyond_the_player_or_too_faint_for_it(): void
    {
        $strong = Player::measured(LevelScale::measured(), 70.0, 0.1, 65.0);
        self::assertNotNull($strong->fraction(65.0));
        self::assertNull($strong->fraction(65.1), 'over the ceiling');
        self::assertNull(Player::measured(LevelScale::measured(), 50.0, 1.0, 65.0)->fraction(51.0), 'beyond the player');
        self::assertNull($strong->fraction(15.0), 'fainter than its own noise');
    }

    public function test_a_player_that_nobody_measured_is_told_in_percent_of_itself(): void
    {
        $player = Player::unmeasured();
        $scale = LevelScale::ofPlayer();

        self::assertEqualsWithDelta(0.02, $player->fraction($scale->toStored(2.0)), 1e-12);
        self::assertEqualsWithDelta(2.0, $scale->toDisplayed($scale->toStored(2.0)), 1e-9);
        self::assertEqualsWithDelta(1.0, $player->fraction($scale->toStored(100.0)), 1e-12);
    }

    /**
     * Kept at 45 before anybody measured: 20 dB under a full scale kept as 65. Then 78 dB(A) is read at full scale: it was 58 at the dog
     * all along.
     */
    public function test_measuring_later_moves_what_is_shown_and_nothing_that_was_kept(): void
    {
        $later = LevelScale::measured(78.0 - LevelScale::NOMINAL_FULL);
        $player = Player::measured($later, 78.0, 1.0, 65.0);

        self::assertEqualsWithDelta(58.0, $later->toDisplayed(45.0), 1e-9);
        self::assertEqualsWithDelta(Player::unmeasured()->fraction(45.0), $player->fraction(45.0), 1e-12, 'the same share as before');
        self::assertNull($player->fraction(60.0), '73 dB(A) at the dog');
    }

    public function test_a_level_is_over_its_ceiling_from_a_twentieth_of_a_decibel_on_once_somebody_has_measured(): void
    {
        self::assertSame([false, true], [LevelScale::measured()->isOver(65.05, 65.0), LevelScale::measured()->isOver(65.06, 65.0)]);
        self::assertSame([false, true], [LevelScale::measured(10.0)->isOver(55.0, 65.0), LevelScale::measured(10.0)->isOver(55.1, 65.0)]);
        self::assertFalse(LevelScale::ofPlayer()->isOver(69.0, 65.0));
        self::assertSame([[20.0, 80.0], [0.1, 100.0]], [LevelScale::measured()->range(), LevelScale::ofPlayer()->range()]);
    }

    public function test_how_suddenly_a_sound_comes_and_how_long_it_lasts(): void
    {
        $player = Player::unmeasured(5.0);
        $of = static fn (string $how, float $length): array => (static fn ($playback): array => [$playback?->seconds, $playback?->onset])(
            $player->playback(['level' => 45.0, 'length' => $length, 'suddenness' => $how]),
        );

        self::assertSame([[20.0, 5.0], [3.0, 2.4000000000000004]], [$of('swelling', 20.0), $of('swelling', 3.0)]);
        self::assertSame(0.2, $of('usual', 0.0)[0]);
        self::assertLessThan($of('usual', 3.0)[1], $of('at_once', 3.0)[1]);
        self::assertNull($player->playback(['level' => 45.0, 'source' => 'live']));
        self::assertNull($player->playback(['length' => 3.0]));
    }

    public function test_what_is_shown_and_what_is_kept_are_inverse(): void
    {
        foreach ([LevelScale::measured(), LevelScale::measured(-7.3), LevelScale::ofPlayer()] as $scale) {
            [$least, $most] = $scale->range();
            for ($i = 0; $i <= 20; $i++) {
                $shown = $least + ($most - $least) * $i / 20;
                self::assertEqualsWithDelta($shown, $scale->toDisplayed($scale->toStored($shown)), 1e-9);
            }
        }
    }

    public function test_an_exposure_says_how_it_is_played(): void
    {
        $player = Player::measured(LevelScale::measured(), 60.0, 1.0, 65.0, 4.0);

        $short = $player->playback(['level' => 40.0, 'length' => 3.0, 'suddenness' => 'swelling']);
        self::assertEqualsWithDelta(
            [0.1, 3.0, 2.4], [$short?->fraction, $short?->seconds, $short?->onset], 1e-9, 'a short one still has a moment at its level',
        );
        self::assertSame(4.0, $player->playback(['level' => 40.0, 'length' => 20.0, 'suddenness' => 'swelling'])?->onset);
        self::assertLessThan(0.05, $player->playback(['level' => 40.0, 'suddenness' => 'at_once'])?->onset);
        self::assertNull($player->playback(['level' => 40.0, 'source' => 'live']), 'the real thing');
    }

    public function test_a_reading_or_an_onset_that_cannot_be_is_refused(): void
    {
        $this->expectException(InvalidMeasure::class);
        $this->expectExceptionMessage('out-of-range {"quantity":"level-read","least":20,"most":110,"given":5,"unit":"dB(A)"}');
        Player::measured(LevelScale::measured(), 5.0, 0.5, 65.0);
    }

    /** By hand: 50 dB(A) over a background of 45 is 10·lg(10^5 − 10^4.5) = 48.35; over 30 it is 49.96. */
    public function test_the_background_is_taken_off_what_a_meter_reads(): void
    {
        $over = static fn (float $background): array =>
            [[1.0, $background], [3.0, $background], [11.0, 49.0], [12.0, 50.0], [14.0, $background]];

        self::assertEqualsWithDelta(48.35, Metering::levelDuring($over(45.0), 10.0, 13.0), 0.005);
        self::assertEqualsWithDelta(49.96, Metering::levelDuring($over(30.0), 10.0, 13.0), 0.005);
        self::assertNull(Metering::levelDuring($over(47.5), 10.0, 13.0), 'under 3 dB over the background nothing can be told');
        self::assertSame(50.0, Metering::levelDuring([[12.0, 50.0]], 10.0, 13.0), 'no background was read');
        self::assertNull(Metering::levelDuring([[9.0, 30.0], [13.0, 60.0]], 10.0, 13.0), 'nothing was read while it sounded');
    }

    /** A device keeps a recording for good (public/sw.js): one that sounds otherwise needs another name. */
    public function test_recordings_sound_as_they_always_did(): void
    {
        $found = [];
        foreach (Recording::cases() as $recording) {
            $samples = (new Synthesis(4000, (new Chance(new Randomizer(new Xoshiro256StarStar(7))))->uniform(...)))->samples($recording);
            $found[$recording->value] = [
                count($samples),
                hash('crc32b', implode(',', array_map(static fn (float $of): string => (string) round(1000.0 * $of), $samples))),
            ];
        }

        self::assertSame([
            'rumble' => [24000, 'ca55ed24'], 'clipper' => [8000, '94b45435'], 'buckle' => [6000, '4e7731fa'],
            'doorbell' => [10000, 'e05d09a3'],
            'crackle' => [20000, '1541f4c2'],
        ], $found);
    }

    /** @return iterable<string, array{Recording}> */
    public static function recordings(): iterable
    {
        foreach (Recording::cases() as $recording) {
            yield $recording->value => [$recording];
        }
    }

    #[DataProvider('recordings')]
    public function test_a_recording_is_as_long_and_as_loud_as_it_says_begins_and_ends_in_silence_and_is_the_same_each_time(
        Recording $recording,
    ): void {
        $make = static fn (int $seed): array =>
            (new Synthesis(4000, (new Chance(new Randomizer(new Xoshiro256StarStar($seed))))->uniform(...)))->samples($recording);
        $samples = $make(1);

        self::assertCount((int) (4000 * $recording->seconds()), $samples);
        self::assertEqualsWithDelta(0.9, max(array_map(abs(...), $samples)), 1e-9);
        self::assertEqualsWithDelta([0.0, 0.0], [$samples[0], $samples[count($samples) - 1]], 1e-9);
        self::assertGreaterThan(
            0.005, sqrt(array_sum(array_map(static fn (float $sample): float => $sample ** 2, $samples)) / count($samples)),
            'it is not silent',
        );
        self::assertSame($samples, $make(1));
    }
}
