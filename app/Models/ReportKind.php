<?php

declare(strict_types=1);

namespace App\Models;

/** Papers about one dog: each for another reader. */
enum ReportKind: string
{
    case Progress = 'progress';
    case HandOver = 'hand_over';
    case Vet = 'vet';
    case Summary = 'summary';
    case Care = 'care';

    /** @return non-empty-list<string> what may stand on it; each is chosen by itself */
    public function parts(): array
    {
        return match ($this) {
            self::Progress => ['goal', 'way', 'sessions', 'whom', 'next'],
            self::HandOver => ['shown', 'quiet', 'loading', 'plans', 'reactions', 'gear', 'hands', 'never', 'health'],
            self::Vet => ['medication', 'weight', 'signs', 'recovery', 'days', 'accepted', 'incidents', 'note'],
            self::Summary => ['done', 'now', 'home', 'watch', 'never', 'next'],
            self::Care => ['accepted', 'not_yet', 'areas', 'items', 'signals', 'avoid', 'food', 'health'],
        };
    }

    /** @return list<string> what stands on it until somebody chooses: nothing of health where no vet reads it */
    public function usual(): array
    {
        return array_values(array_diff($this->parts(), match ($this) {
            self::HandOver => ['health'],
            self::Care => ['items', 'food', 'health'],
            default => [],
        }));
    }

    /** @return non-empty-list<string> languages it is written in */
    public function languages(): array
    {
        return $this === self::Summary ? ['en', 'es'] : ['en'];
    }

    /** Whether whoever lives with the dog may look at it without being handed it. */
    public function isForHome(): bool
    {
        return $this === self::Summary || $this === self::Care;
    }
}
