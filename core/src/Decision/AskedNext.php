<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Sign\Asked;
use Core\Sign\Outcome;

/** What to ask of the dog in the next trial: what was asked last, until it is ready to be waited for, or could not turn without help. */
final readonly class AskedNext
{
    /**
     * @param  non-empty-list<Asked>  $offered  in this plan, the usual one first
     * @param  ?Outcome  $before  of the last trial before this session
     */
    public static function of(Situation $situation, array $offered, ?Outcome $before): Asked
    {
        $last = $situation->log->last();
        foreach (array_reverse($situation->log->trials) as $trial) {
            $asked = Asked::told($trial->outcome, $offered);
            if ($asked !== null && $last !== null) {
                return match (true) {
                    ! in_array(Asked::Wait, $offered, true) || ! in_array(Asked::MarkedLook, $offered, true) => $asked,
                    $asked === Asked::MarkedLook && $situation->markedProgress($last->level)->isMet => Asked::Wait,
                    $asked === Asked::Wait && $trial->outcome === Outcome::NotReturned => Asked::MarkedLook,
                    default => $asked,
                };
            }
        }

        return ($before === null ? null : Asked::told($before, $offered)) ?? $offered[0];
    }
}
