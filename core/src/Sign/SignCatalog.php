<?php

declare(strict_types=1);

namespace Core\Sign;

use Core\Exception\InvalidCatalog;
use Core\Exception\InvalidSign;
use Core\Exposure\PlanKind;

/** The signs and the cut points they are graded by: versioned data, so that old trials keep their grading. */
final readonly class SignCatalog
{
    /**
     * @param  array<string, Sign>  $signs  by code
     * @param  array<string, array<string, SignWeight>>  $readings  other weights under some methods, by method, then by code
     * @param  list<string>  $confounds  circumstances that explain a sign away, by key
     */
    private function __construct(
        public string $version, public array $signs, public int $strainFrom, public int $effortFrom, private array $readings,
        public array $confounds,
    ) {
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
        if (! is_string(
            $data['version'] ?? null,
        ) || ! is_array($cuts) || ! is_int($cuts['strain'] ?? null) || ! is_int($cuts['effort'] ?? null) || ! is_array($rows)) {
            throw InvalidCatalog::missing('signs', 'version, cutPoints, signs');
        }
        $signs = [];
        foreach ($rows as $row) {
            $code = is_array($row) && is_string($row['code'] ?? null) ? $row['code'] : throw InvalidCatalog::missing('signs', 'code');
            $weight = SignWeight::tryFrom(is_string($row['weight'] ?? null) ? $row['weight'] : '');
            if ($weight === null) {
                throw InvalidCatalog::missing("sign {$code}", 'weight');
            }
            $part = SignPart::tryFrom(is_string($row['part'] ?? null) ? $row['part'] : '')
                ?? throw InvalidCatalog::missing("sign {$code}", 'part');
            if (isset($signs[$code])) {
                throw InvalidCatalog::duplicate('signs', $code);
            }
            $signs[$code] = new Sign(
                $code, $weight, $part, ($row['interest'] ?? false) === true, ($row['overEager'] ?? false) === true,
                self::strings($row['plans'] ?? null), self::strings($row['unless'] ?? null),
            );
        }

        foreach (SignKey::cases() as $key) {
            isset($signs[$key->value]) || throw InvalidCatalog::missing('signs', $key->value);
        }
        $confounds = self::strings($data['confounds'] ?? null);
        foreach ($signs as $sign) {
            foreach (array_diff($sign->unless, $confounds) as $unknown) {
                throw InvalidCatalog::contradiction("sign {$sign->code}", "circumstance-not-listed: {$unknown}");
            }
        }

        return new self(
            $data['version'], $signs, $cuts['strain'], $cuts['effort'], self::readings($data['readings'] ?? null, $signs), $confounds,
        );
    }

    /**
     * Those offered in a kind of plan, by part of the body and there mildest first.
     *
     * @param  list<string>  $also  codes of others to offer: what a trial has can be seen and kept
     * @return non-empty-array<string, list<Sign>> by SignPart value
     */
    public function byPart(PlanKind $kind, array $also = []): array
    {
        $plan = $kind === PlanKind::Contact ? 'contact' : 'presence';
        $groups = array_fill_keys(array_column(SignPart::cases(), 'value'), []);
        foreach (SignWeight::cases() as $weight) {
            foreach ($this->signs as $sign) {
                if ($sign->weight === $weight && (in_array($plan, $sign->plans, true) || in_array($sign->code, $also, true))) {
                    $groups[$sign->part->value][] = $sign;
                }
            }
        }

        return $groups;
    }

    /**
     * Whether any of these signs asks for calmer food rather than distance.
     *
     * @param  list<string>  $codes  unknown ones are passed over: they belong to another version
     */
    public function hasOverEager(array $codes): bool
    {
        foreach ($codes as $code) {
            if (($this->signs[$code] ?? null)?->overEager === true) {
                return true;
            }
        }

        return false;
    }

    /**
     * What a sign weighs under a method: leaving is a no at a station and a reset on a mat, stiffness is strong under the hand.
     *
     * @throws InvalidSign if the catalog has no such sign
     */
    public function weight(string $code, ?string $method): SignWeight
    {
        $sign = $this->sign($code);

        return $this->readings[$method ?? ''][$code] ?? $sign->weight;
    }

    /** @throws InvalidSign if the catalog has no such sign */
    public function sign(string $code): Sign
    {
        return $this->signs[$code] ?? throw InvalidSign::unknown($code);
    }

    /** @return list<string> */
    private static function strings(mixed $values): array
    {
        return array_values(array_filter(is_array($values) ? $values : [], is_string(...)));
    }

    /**
     * @param  array<string, Sign>  $signs
     * @return array<string, array<string, SignWeight>>
     *
     * @throws InvalidCatalog
     */
    private static function readings(mixed $data, array $signs): array
    {
        $readings = [];
        foreach (is_array($data) ? $data : [] as $method => $weights) {
            foreach (is_array($weights) ? $weights : [] as $code => $weight) {
                $readings[(string) $method][(string) $code] = isset($signs[$code])
                    && is_string($weight)
                    && SignWeight::tryFrom($weight) !== null
                    ? SignWeight::from($weight)
                    : throw InvalidCatalog::contradiction("reading {$method}", "unknown-sign-or-weight: {$code}");
            }
        }

        return $readings;
    }
}
