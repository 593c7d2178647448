<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\DogCatalogs;
use App\Engine\TrialReader;
use App\Models\AdviceGiven;
use App\Models\Session;
use Core\Decision\LoggedTrial;
use Core\Exposure\Exposure;

/** The session in rows for its review: each trial with the advice after it and whether that was followed. */
final readonly class ReviewPage
{
    public function __construct(private TrialReader $trials, private DogCatalogs $catalogs)
    {
    }

    /**
     * @return list<array{id: int, trial: LoggedTrial, words: string, secondsFromStart: float, advice: ?AdviceGiven, adviceWords: ?string,
     *    followed: ?bool}>
     */
    public function rows(Session $session): array
    {
        $catalog = $this->catalogs->of($session->plan->responseModel);
        $trials = $this->trials->ofSession($session)->trials;
        // the latest advice after each trial: an undo or edit asks anew
        $advice = $session->advice()->whereNotNull('trial_id')->limit(4000)->get()->keyBy('trial_id');
        $ids = array_keys($trials);
        $rows = [];
        foreach ($ids as $i => $id) {
            $trial = $trials[$id];
            $given = $advice->get($id);
            $next = isset($ids[$i + 1]) ? $trials[$ids[$i + 1]] : null;
            $advised = $given?->exposure === null ? null : Exposure::of($given->exposure, $catalog);
            $rows[] = [
                'id' => $id,
                'trial' => $trial,
                'words' => words()->exposure($trial->exposure, $catalog),
                'secondsFromStart' => (float) $trial->at->format('U.u') - (float) $session->started_at->format('U.u'),
                'advice' => $given,
                'adviceWords' => $advised === null ? null : words()->exposure($advised, $catalog),
                'followed' => $given === null ? null : $this->isFollowed($given, $advised, $next),
            ];
        }

        return $rows;
    }

    /** Null where there was no next trial to follow it with. */
    private function isFollowed(AdviceGiven $given, ?Exposure $advised, ?LoggedTrial $next): ?bool
    {
        if ($next === null) {
            return $given->action->endsSession() ? true : null;
        }

        return $advised !== null && $next->level->exposure->equals($advised);
    }
}
