<?php

declare(strict_types=1);

namespace App\Incident;

use App\Models\Event;
use Core\Decision\CarryOver;

/** What has upset a dog lately, off any plan, and how much of it is carried over into today. */
final readonly class CarryOverReader
{
    private const MAX = 50;

    /**
     * @param  ?array{severity: float, hours: int}  $told  just now, not on record yet
     */
    public function on(int $dogId, \DateTimeImmutable $now, ?array $told = null): CarryOver
    {
        $events = [];
        foreach (Event::query()->where('dog_id', $dogId)->where(
            'occurred_at', '>', $now->modify('-'.CarryOver::WINDOW_HOURS.' hours')->format('Y-m-d H:i:s'),
        )->orderByDesc('occurred_at')->limit(self::MAX)->get() as $event) {
            $events[] = ['severity' => (float) min(CarryOver::MAX_SEVERITY, $event->severity), 'at' => $event->occurred_at];
        }
        if ($told !== null) {
            $events[] = ['severity' => $told['severity'], 'at' => $now->modify("-{$told['hours']} hours")];
        }

        return CarryOver::of($events, $now);
    }

    /** A guess for a person: what it means for today. */
    public static function inWords(CarryOver $carried): ?string
    {
        return match (true) {
            $carried->asksForRest() => say('messages.upsets.rest'),
            $carried->asksForEasier() => say('messages.upsets.easier'),
            $carried->isWorthTelling() => say('messages.upsets.little'),
            default => null,
        };
    }
}
