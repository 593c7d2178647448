<?php

declare(strict_types=1);

namespace Core\Exception;

/** A code with its facts; the message of the exception is both, for logs. */
trait HasCode
{
    /** @param  array<string, bool|int|float|string|list<string>>  $facts  by name */
    private function __construct(private readonly ErrorCode $errorCode, private readonly array $facts = [])
    {
        parent::__construct(self::plain($errorCode, $facts));
    }

    /** @param  array<string, bool|int|float|string|list<string>>  $facts */
    private static function plain(ErrorCode $code, array $facts): string
    {
        return $code->value.(
            $facts === [] ? '' : ' '.json_encode($facts, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR)
        );
    }

    public function error(): ErrorCode
    {
        return $this->errorCode;
    }

    /** @return array<string, bool|int|float|string|list<string>> */
    public function facts(): array
    {
        return $this->facts;
    }
}
