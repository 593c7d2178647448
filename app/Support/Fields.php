<?php

declare(strict_types=1);

namespace App\Support;

/**
 * Named values whose types PHP cannot know (a validated form, a row of the database, decoded JSON), read as what each is meant
 * to be. What has been checked before comes through unchanged; anything else reads as empty, never as an error.
 */
final readonly class Fields
{
    /** @param  array<mixed>  $values */
    private function __construct(private array $values)
    {
    }

    /** Of an array or a row; of anything else: none. */
    public static function of(mixed $values): self
    {
        return new self(is_object($values) ? get_object_vars($values) : (is_array($values) ? $values : []));
    }

    public function text(string $field): string
    {
        $value = $this->values[$field] ?? null;

        return is_scalar($value) ? (string) $value : '';
    }

    /** Null where nothing was said. */
    public function textOrNull(string $field): ?string
    {
        $text = $this->text($field);

        return $text === '' ? null : $text;
    }

    public function int(string $field): int
    {
        return $this->intOrNull($field) ?? 0;
    }

    public function intOrNull(string $field): ?int
    {
        $value = $this->values[$field] ?? null;

        return is_numeric($value) ? (int) $value : null;
    }

    public function number(string $field): float
    {
        return $this->numberOrNull($field) ?? 0.0;
    }

    public function numberOrNull(string $field): ?float
    {
        $value = $this->values[$field] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    public function isOn(string $field): bool
    {
        return filter_var($this->values[$field] ?? false, FILTER_VALIDATE_BOOL);
    }

    /** @return list<string> what is a text among the values of a list */
    public function texts(string $field): array
    {
        return array_values(array_filter($this->list($field), is_string(...)));
    }

    /** @return array<mixed> */
    public function list(string $field): array
    {
        $value = $this->values[$field] ?? null;

        return is_array($value) ? $value : [];
    }

    /** @return array<string, float|int|string> what is a number or a text among named values */
    public function values(string $field): array
    {
        $values = [];
        foreach ($this->list($field) as $key => $value) {
            if (is_int($value) || is_float($value) || is_string($value)) {
                $values[(string) $key] = $value;
            }
        }

        return $values;
    }

    /** @return array<string, mixed> */
    public function named(string $field): array
    {
        $named = [];
        foreach ($this->list($field) as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }

    public function below(string $field): self
    {
        return new self($this->list($field));
    }
}
