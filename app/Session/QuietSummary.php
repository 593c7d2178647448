<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Session;
use Core\Decision\LoggedTrial;
use Core\Exposure\PlanKind;
use Core\Insight\Shown;
use Core\Sign\Outcome;

/** What a session showed to be fine and what was only quiet, in a sentence, where quiet may be taken for fine. */
final readonly class QuietSummary
{
    /**
     * @param  list<LoggedTrial>  $trials
     * @return list<string>
     */
    public static function of(Session $session, array $trials): array
    {
        $model = $session->plan->responseModel;
        $hasQuiet = array_filter($trials, static fn (LoggedTrial $trial): bool => $trial->outcome === Outcome::QuietPass) !== [];
        if ($model->kind !== PlanKind::Presence || $trials === [] || ! $model->dog->hides_signs && ! $hasQuiet) {
            return [];
        }
        $shown = Shown::of($trials);
        $meters = static fn (?float $at): string => $at === null ? '' : words()->formats->meters($at);

        return [say('sessions.review.quiet', [
            'quiet' => $shown->quiet, 'hasQuietAt' => $shown->quietAt !== null, 'quietAt' => $meters($shown->quietAt),
            'shown' => $shown->proven, 'hasShownAt' => $shown->provenAt !== null, 'shownAt' => $meters($shown->provenAt),
        ])];
    }
}
