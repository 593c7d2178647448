<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Trial;
use App\Support\Fields;
use Core\Sign\Band;

/** How the trials of sessions went, as they stand after corrections: for small drawings of many sessions at once. */
final readonly class BandsReader
{
    /**
     * @param  list<int>  $sessions
     * @return array<int, list<Band>> by session, in the order of its trials
     */
    public function of(array $sessions): array
    {
        if ($sessions === []) {
            return [];
        }
        $isCorrected = 'MAX(EXISTS(SELECT 1 FROM trial_corrections WHERE trial_id = trials.id)) AS is_corrected';
        $bands = $corrected = [];
        // a row a session: few have corrections, and those alone are gone through trial by trial
        foreach (Trial::query()->toBase()->whereIn('session_id', $sessions)->groupBy('session_id')->select('session_id')
            ->selectRaw('GROUP_CONCAT(band ORDER BY sequence, id) AS bands')->selectRaw($isCorrected)->get() as $row) {
            $fields = Fields::of((array) $row);
            $session = $fields->int('session_id');
            if ($fields->int('is_corrected') === 1) {
                $corrected[] = $session;
            } else {
                $bands[$session] = array_map(
                    static fn (string $band): Band => Band::from((int) $band), explode(',', $fields->text('bands')),
                );
            }
        }

        return $bands + $this->afterCorrections($corrected);
    }

    /**
     * @param  list<int>  $sessions
     * @return array<int, list<Band>>
     */
    private function afterCorrections(array $sessions): array
    {
        if ($sessions === []) {
            return [];
        }
        $bands = [];
        $rows = Trial::query()->toBase()->whereIn('session_id', $sessions)->select('session_id', 'band')->selectRaw(Corrections::COLUMN)
            ->orderBy('session_id')->orderBy('sequence')->orderBy('id')->get();
        foreach (Corrections::standing($rows) as $row) {
            $fields = Fields::of($row);
            $bands[$fields->int('session_id')][] = Band::from($fields->int('band'));
        }

        return $bands;
    }
}
