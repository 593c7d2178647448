<?php

declare(strict_types=1);

namespace Core\Decision;

/** One rule of the trade: speaks up if it applies to the last trial, and otherwise leaves the word to the next rule. */
interface Rule
{
    /** @param  LoggedTrial  $last the trial just logged */
    public function apply(Situation $situation, LoggedTrial $last): ?Advice;
}
