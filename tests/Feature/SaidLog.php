<?php

declare(strict_types=1);

namespace Tests\Feature;

use Psr\Log\AbstractLogger;

/** A log that is read by a test. */
final class SaidLog extends AbstractLogger
{
    /** @var array<string, array<mixed>> */
    private array $said = [];

    public function log($level, string|\Stringable $message, array $context = []): void
    {
        $this->said[(string) $message] = $context;
    }

    /** @return array<string, array<mixed>> what came with each message last */
    public function said(): array
    {
        return $this->said;
    }
}
