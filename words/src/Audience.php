<?php

declare(strict_types=1);

namespace Words;

/** Who a sentence is for: what it is called, and how much of it is told, may differ. */
enum Audience: string
{
    case Trainer = 'trainer';
    case Guardian = 'guardian';
}
