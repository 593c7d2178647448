<?php

declare(strict_types=1);

namespace Core\Sign;

use Core\Exception\InvalidCatalog;
use Core\Exception\InvalidSign;

/** The signs and the cut points they are graded by: versioned data, so that old trials keep their grading. */
final readonly class SignCatalog
{
    /** @param  array<string, Sign>  $signs by code */
    private function __construct(public string $version, public array $signs, public int $strainFrom, public int $effortFrom)
    {
    }

    /**
     * @param  array<mixed>  $data  as in core/data/signs.json
     *
     * @throws InvalidCatalog naming the sign and field at fault
     */
    public static function fromArray(array $data): self
    {
        $cuts = $data['cutPoints'] ?? null;
        $rows = $data['signs'] ?? null;
        if (! is_string($data['version'] ?? null) || ! is_array($cuts) || ! is_int($cuts['strain'] ?? null) || ! is_int($cuts['effort'] ?? null) || ! is_array($rows)) {
            throw InvalidCatalog::missing('signs', 'version, cutPoints or signs');
        }
        $signs = [];
        foreach ($rows as $row) {
            $code = is_array($row) && is_string($row['code'] ?? null) ? $row['code'] : throw InvalidCatalog::missing('signs', 'code');
            $weight = SignWeight::tryFrom(is_string($row['weight'] ?? null) ? $row['weight'] : '');
            if ($weight === null || ! is_string($row['label'] ?? null)) {
                throw InvalidCatalog::missing("sign {$code}", 'weight or label');
            }
            if (isset($signs[$code])) {
                throw InvalidCatalog::duplicate('signs', $code);
            }
            $plans = is_array($row['plans'] ?? null) ? array_values(array_filter($row['plans'], is_string(...))) : [];
            $signs[$code] = new Sign($code, $row['label'], $weight, ($row['interest'] ?? false) === true, ($row['overEager'] ?? false) === true, $plans);
        }

        return new self($data['version'], $signs, $cuts['strain'], $cuts['effort']);
    }

    /** @throws InvalidSign if the catalog has no such sign */
    public function sign(string $code): Sign
    {
        return $this->signs[$code] ?? throw InvalidSign::unknown($code);
    }
}
