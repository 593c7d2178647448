<?php

declare(strict_types=1);

namespace Core\Exception;

/** Every error the core raises on purpose: a code and its facts, said in words at the edge, which catches this one type. */
interface CoreException extends \Throwable
{
    public function error(): ErrorCode;

    /** @return array<string, bool|int|float|string|list<string>> by name */
    public function facts(): array;
}
