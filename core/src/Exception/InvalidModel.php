<?php

declare(strict_types=1);

namespace Core\Exception;

/** A response model asked for something its data or priors cannot give. */
final class InvalidModel extends \DomainException implements CoreException
{
    public static function badShape(string $what): self
    {
        return new self($what);
    }

    public static function notPositiveDefinite(): self
    {
        return new self('The curvature matrix is not positive definite: the parameters are not identified by the data and priors.');
    }
}
