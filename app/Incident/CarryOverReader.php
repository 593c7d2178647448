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
        $events = $this->events([$dogId], $now)[$dogId] ?? [];
        if ($told !== null) {
            $events[] = ['severity' => $told['severity'], 'at' => $now->modify("-{$told['hours']} hours")];
        }

        return CarryOver::of($events, $now);
    }

    /**
     * @param  list<int>  $dogs
     * @return array<int, CarryOver> by dog, all of them
     */
    public function ofAll(array $dogs, \DateTimeImmutable $now): array
    {
        $events = $this->events($dogs, $now);

        return array_combine($dogs, array_map(static fn (int $dog): CarryOver => CarryOver::of($events[$dog] ?? [], $now), $dogs));
    }

    /**
     * @param  list<int>  $dogs
     * @return array<int, list<array{severity: float, at: \DateTimeImmutable}>> by dog, the latest of each
     */
    private function events(array $dogs, \DateTimeImmutable $now): array
    {
        $events = [];
        foreach (Event::query()->whereIn('dog_id', $dogs)->where(
            'occurred_at', '>', $now->modify('-'.CarryOver::WINDOW_HOURS.' hours')->format('Y-m-d H:i:s'),
        )->orderByDesc('occurred_at')->limit(self::MAX * count($dogs))->get() as $event) {
            if (count($events[$event->dog_id] ?? []) < self::MAX) {
                $events[$event->dog_id][] = [
                    'severity' => (float) min(CarryOver::MAX_SEVERITY, $event->severity), 'at' => $event->occurred_at,
                ];
            }
        }

        return $events;
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
