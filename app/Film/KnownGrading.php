<?php

declare(strict_types=1);

namespace App\Film;

use App\Engine\EvidenceStamp;
use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\Session;
use App\Models\User;
use Core\Film\GradingBias;

/** How somebody's grading lies above or below what two graders settle on: known, it is allowed for in every model they log for. */
final readonly class KnownGrading
{
    /** Bands: nobody is known to be further off than that. */
    private const MOST = 1.5;

    /** Null where nothing they graded is settled. */
    public static function of(User $user): ?GradingBias
    {
        $settled = FilmRecord::query()->where('kind', FilmRecordKind::Settled)->where('practice_id', $user->practice_id)
            ->whereIn('film_id', FilmRecord::query()->toBase()->where('user_id', $user->id)->where('kind', FilmRecordKind::Graded)
                ->whereNotNull('finished_at')->select('film_id'))
            ->latest('finished_at')->limit(OwnGradings::FILMS)->get();
        $films = OwnGradings::beside($settled, $user);

        return $films === [] ? null : GradingBias::of(array_map(array_reverse(...), $films));
    }

    /** What is known now; models that learn from their sessions are worked out anew where it has changed. */
    public function renew(User $user): void
    {
        $bias = self::of($user);
        $stricter = $bias !== null && $bias->hasMoved() ? round(max(-self::MOST, min(self::MOST, (float) $bias->bands)), 2) : 0.0;
        if ($stricter !== $user->stricter) {
            $user->forceFill(['stricter' => $stricter])->save();
            Session::query()->toBase()->where('user_id', $user->id)->update(['revised_at' => EvidenceStamp::now()]);
        }
    }
}
