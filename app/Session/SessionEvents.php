<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\HelperPass;
use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\SessionEventKind;
use App\Support\Fields;
use Core\Measure\Median;
use Illuminate\Database\Eloquent\Collection;

/** What else happened in a session, in a few sentences. */
final readonly class SessionEvents
{
    private const MAX = 2000;

    /** @return list<string> */
    public function of(Session $session): array
    {
        $events = $session->events()->limit(self::MAX)->get();
        $count = static fn (SessionEventKind $kind): int => $events->where('kind', $kind)->count();
        $most = static fn (SessionEventKind $kind, string $field): int => max([
            0, ...$events->where('kind', $kind)->map(static fn (SessionEvent $event): int => Fields::of($event->data)->int($field))->all(),
        ]);
        $recoveries = self::recoveries($events);
        $said = [];
        if ($recoveries !== []) {
            $said[] = say('messages.session_events.recovered', [
                'count' => count($recoveries), 'half' => words()->formats->seconds(Median::of($recoveries)),
            ]);
        }
        if ($count(SessionEventKind::Left) > 0) {
            $said[] = say('messages.session_events.left', [
                'count' => $count(SessionEventKind::Left), 'hasSettled' => $count(SessionEventKind::Settled) > count($recoveries),
                'after' => words()->formats->seconds($most(SessionEventKind::Settled, 'seconds')),
            ]);
        }
        if ($count(SessionEventKind::TriggerSeen) > 0) {
            $said[] = say('messages.session_events.seen', ['count' => $count(SessionEventKind::TriggerSeen)]);
        }
        if ($count(SessionEventKind::LookBack) > 0) {
            $said[] = say('messages.session_events.looked_back', ['count' => $count(SessionEventKind::LookBack)]);
        }
        if ($count(SessionEventKind::Stare) > 0) {
            $said[] = say('messages.session_events.stare', [
                'time' => words()->formats->seconds($most(SessionEventKind::Stare, 'ms') / 1000),
            ]);
        }
        foreach ($events->where('kind', SessionEventKind::Gear) as $event) {
            $said[] = say('messages.session_events.gear', ['what' => say('labels.gear_trouble.'.Fields::of($event->data)->text('what'))]);
        }
        if ($count(SessionEventKind::Take) > 0) {
            $said[] = say('messages.session_events.taken', ['count' => $count(SessionEventKind::Take)]);
        }

        $passes = HelperPass::query()->where('session_id', $session->id)->count();
        if ($passes > 0) {
            $said[] = say('messages.session_events.passes', ['count' => $passes]);
        }

        return $said;
    }

    /**
     * After hard trials, as told by the tap beside the clocks; those of *Leave now* name no trial.
     *
     * @param  Collection<int, SessionEvent>  $events
     * @return list<float> seconds
     */
    private static function recoveries(Collection $events): array
    {
        return array_values($events->where('kind', SessionEventKind::Settled)
            ->map(static fn (SessionEvent $event): Fields => Fields::of($event->data))
            ->filter(static fn (Fields $told): bool => $told->textOrNull('trial') !== null)
            ->map(static fn (Fields $told): float => $told->number('seconds'))->all());
    }
}
