<?php

declare(strict_types=1);

namespace Core\Exception;

/** A response model asked for something its data or priors cannot give. */
final class InvalidModel extends \DomainException implements CoreException
{
    use HasCode;

    /** A row of data that does not fit the prior: counts of covariates, bands and groups. */
    public static function badShape(int $row, int $given, int $asked): self
    {
        return new self(ErrorCode::ModelShape, ['row' => $row, 'given' => $given, 'asked' => $asked]);
    }

    /** The parameters are not identified by the data and priors. */
    public static function notPositiveDefinite(): self
    {
        return new self(ErrorCode::ModelCurvature);
    }
}
