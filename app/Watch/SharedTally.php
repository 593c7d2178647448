<?php

declare(strict_types=1);

namespace App\Watch;

use App\Support\Fields;

/** In the memory that the workers of one PHP share. Without its extension nothing is counted, and nothing else is missing. */
final class SharedTally implements Tally
{
    private const PREFIX = 'wheatear tally ';

    public function add(string $key, int $by = 1): void
    {
        if (function_exists('apcu_enabled') && apcu_enabled()) {
            apcu_inc(self::PREFIX.$key, $by);
        }
    }

    public function all(): array
    {
        $found = [];
        if (function_exists('apcu_enabled') && apcu_enabled()) {
            foreach (new \APCUIterator('/^'.self::PREFIX.'/', APC_ITER_KEY | APC_ITER_VALUE) as $entry) {
                $entry = Fields::of($entry);
                $found[substr($entry->text('key'), strlen(self::PREFIX))] = $entry->int('value');
            }
        }
        ksort($found);

        return $found;
    }
}
