<?php

declare(strict_types=1);

namespace Core\Marking;

/** What a mark fell on: that decides, not bare milliseconds. */
enum MarkClass: string
{
    case OnIt = 'on_it';
    case JustAfter = 'just_after';
    case OnTheNext = 'on_the_next';
    case Before = 'before';
    /** On something that was not meant, or on nothing. */
    case False = 'false';

    public function isGood(): bool
    {
        return $this === self::OnIt || $this === self::JustAfter;
    }
}
