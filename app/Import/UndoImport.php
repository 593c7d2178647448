<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\AdviceGiven;
use App\Models\Event;
use App\Models\HealthEntry;
use App\Models\HomeRep;
use App\Models\Import;
use App\Models\ImportState;
use App\Models\SecondGrade;
use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\TrailAction;
use App\Models\TrainingSet;
use App\Models\Trial;
use App\Models\TrialCorrection;
use App\Models\TrialExposure;
use App\Models\TrialSign;
use App\Models\TrialTrait;
use App\Session\KeepPastTrials;
use App\Trail\Trail;
use Illuminate\Database\Connection;
use Illuminate\Support\Collection;

/** Takes out what one import brought in, and nothing else: a trial that somebody has put right or graded since stays, with its session. */
final readonly class UndoImport implements ImportStep
{
    private const AT_ONCE = 500;

    public function __construct(private Connection $database, private KeepPastTrials $past, private Trail $trail)
    {
    }

    public function work(Import $import): void
    {
        $touched = Session::query()->where('import_id', $import->id)
            ->orWhereIn('id', Trial::query()->where('import_id', $import->id)->select('session_id'))->pluck('id');
        $this->database->transaction(function () use ($import, $touched): void {
            HealthEntry::query()->where('import_id', $import->id)->delete();
            Event::query()->where('import_id', $import->id)->delete();
            HomeRep::query()->where('import_id', $import->id)->delete();
            $kept = self::takeOutTrials($import) + $this->settleSessions($import, $touched);
            $import->rows()->delete();
            $import->update(['state' => ImportState::Undone, 'counts' => [...$import->counts ?? [], 'kept' => $kept]]);
        });
        $this->trail->note($import->user, TrailAction::Archived, $import);
    }

    public static function from(): ImportState
    {
        return ImportState::Undoing;
    }

    /** @return int trials that stay */
    private static function takeOutTrials(Import $import): int
    {
        $stay = Trial::query()->where('import_id', $import->id)->where(static fn ($touched) => $touched
            ->whereIn('id', TrialCorrection::query()->select('trial_id'))->orWhereIn('id', SecondGrade::query()->select('trial_id')))
            ->pluck('id');
        do {
            $ids = Trial::query()->where('import_id', $import->id)->whereNotIn('id', $stay)->orderBy('id')->limit(self::AT_ONCE)
                ->pluck('id');
            // what was advised after them goes with them
            AdviceGiven::query()->whereIn('trial_id', $ids)->delete();
            foreach ([TrialExposure::class, TrialSign::class, TrialTrait::class] as $part) {
                $part::query()->whereIn('trial_id', $ids)->delete();
            }
            Trial::query()->whereIn('id', $ids)->delete();
        } while ($ids->isNotEmpty());

        return $stay->count();
    }

    /**
     * An empty one goes, with the last import that kept it; of any other, what is learned is worked out without what was taken out.
     *
     * @param  Collection<int, mixed>  $touched  ids of the sessions it made or added to
     * @return int sessions of this import that hold something else by now, and stay without it
     */
    private function settleSessions(Import $import, Collection $touched): int
    {
        $gone = Import::query()->where('practice_id', $import->practice_id)->where('state', ImportState::Undone)->pluck('id')
            ->push($import->id);
        $kept = 0;
        foreach (Session::query()->whereIn('id', $touched)->lazyById(self::AT_ONCE) as $session) {
            $isEmpty = ! $session->trials()->exists() && ! SessionEvent::query()->where('session_id', $session->id)->exists();
            if ($isEmpty && $gone->contains($session->getAttribute('import_id'))) {
                $session->advice()->delete();
                TrainingSet::query()->where('session_id', $session->id)->delete();
                $session->delete();
            } else {
                $this->past->derive($session);
                $kept += $session->getAttribute('import_id') === $import->id ? 1 : 0;
            }
        }

        return $kept;
    }
}
