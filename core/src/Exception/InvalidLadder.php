<?php

declare(strict_types=1);

namespace Core\Exception;

/** A ladder or template that cannot be used, with a JSON pointer to the part at fault. */
final class InvalidLadder extends \DomainException implements CoreException
{
    use HasCode;

    /** @param  array<string, bool|int|float|string|list<string>>  $facts */
    private function __construct(public readonly string $pointer, private readonly ErrorCode $errorCode, private readonly array $facts)
    {
        parent::__construct(self::plain($errorCode, $facts));
    }

    /** @param  bool|int|float|string|list<string>  ...$facts  by name */
    public static function at(string $pointer, ErrorCode $error, bool|int|float|string|array ...$facts): self
    {
        $named = [];
        foreach ($facts as $name => $fact) {
            $named[(string) $name] = $fact;
        }

        return new self($pointer, $error, $named);
    }

    /** The same fault, at its place in a larger document. */
    public static function within(string $pointer, CoreException $problem): self
    {
        return new self($pointer.($problem instanceof self ? $problem->pointer : ''), $problem->error(), $problem->facts());
    }
}
