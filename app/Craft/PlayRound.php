<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\TimingRound;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/**
 * Takes what was tapped so far: all of it each time, so that an answer that was lost is asked for again and changes nothing. Tells of the
 * last mark, and what comes next.
 */
final readonly class PlayRound
{
    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /**
     * @param  list<array{tap: string, at: int}>  $taps  since the start
     * @param  int  $until  milliseconds that were played
     */
    public function play(TimingRound $round, array $taps, int $until): RoundScript
    {
        return $this->database->transaction(function () use ($round, $taps, $until): RoundScript {
            $stored = TimingRound::query()->lockForUpdate()->findOrFail($round->id);
            if ($stored->ended_at === null && count($taps) >= count($stored->taps)) {
                $stored->taps = $taps;
                $script = RoundScript::of($stored);
                if ($until >= $script->until()) {
                    $this->goOn($stored, $script, $until);
                }
                $stored->save();
            }
            $round->setRawAttributes($stored->getAttributes(), true);

            return RoundScript::of($stored);
        });
    }

    private function goOn(TimingRound $round, RoundScript $script, int $until): void
    {
        if (! $script->isOver()) {
            $round->parts = [...$round->parts, $script->nextPart(max($until, $script->until()))];

            return;
        }
        $result = $script->result();
        $round->fill([
            'ended_at' => $this->clock->now(), 'share' => $result->share(),
            'offset_ms' => $result->offset === null ? null : (int) round($result->offset->median),
        ]);
    }
}
