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
