<?php

declare(strict_types=1);

namespace Core\Field;

/** What a helper is asked to do, in one word each. Stop stands wherever nothing else was heard lately. */
enum HelperWord: string
{
    case Stop = 'stop';
    case Start = 'start';
    case Slow = 'slow';
    case WalkBy = 'walk_by';
    case LieDown = 'lie_down';

    /** Without a sign of life for longer than this, a helper stands still. Common practice. */
    public const SILENT_SECONDS = 3.0;
}
