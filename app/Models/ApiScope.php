<?php

declare(strict_types=1);

namespace App\Models;

/** What a program may do. */
enum ApiScope: string
{
    case Read = 'read';
    case Log = 'log';
}
