<?php

declare(strict_types=1);

namespace Cli;

use Core\Exception\CoreException;

/** A part of a document with its place, so that whatever is wrong with it can be pointed at. */
final readonly class Document
{
    private function __construct(private mixed $value, public string $pointer)
    {
    }

    public static function of(mixed $value): self
    {
        return new self($value, '');
    }

    public function has(string $key): bool
    {
        return is_array($this->value) && ($this->value[$key] ?? null) !== null;
    }

    public function at(string $key): self
    {
        return new self(is_array($this->value) ? ($this->value[$key] ?? null) : null, "{$this->pointer}/{$key}");
    }

    /** @return list<self> */
    public function items(): array
    {
        $items = [];
        foreach (is_array($this->value) ? array_values($this->value) : [] as $i => $value) {
            $items[] = new self($value, "{$this->pointer}/{$i}");
        }

        return $items;
    }

    /** @return array<string, float|int|string> */
    public function map(): array
    {
        $map = [];
        foreach (is_array($this->value) ? $this->value : [] as $key => $value) {
            if (is_int($value) || is_float($value) || is_string($value)) {
                $map[(string) $key] = $value;
            }
        }

        return $map;
    }

    /** @return array<string, list<string>> */
    public function lists(): array
    {
        $lists = [];
        foreach (is_array($this->value) ? $this->value : [] as $key => $list) {
            $lists[(string) $key] = array_values(array_filter(is_array($list) ? $list : [], is_string(...)));
        }

        return $lists;
    }

    /**
     * As it came, for what the core reads and checks itself.
     *
     * @return array<mixed>
     */
    public function raw(): array
    {
        return is_array($this->value) ? $this->value : [];
    }

    /** @return list<string> */
    public function strings(): array
    {
        return is_array($this->value) ? array_values(array_filter($this->value, is_string(...))) : [];
    }

    public function number(float $otherwise = 0.0): float
    {
        return is_int($this->value) || is_float($this->value) ? (float) $this->value : $otherwise;
    }

    public function integer(int $otherwise = 0): int
    {
        return is_int($this->value) ? $this->value : $otherwise;
    }

    public function text(string $otherwise = ''): string
    {
        return is_string($this->value) ? $this->value : $otherwise;
    }

    public function flag(bool $otherwise = false): bool
    {
        return is_bool($this->value) ? $this->value : $otherwise;
    }

    /** @throws InputProblem if it is no point in time */
    public function time(): \DateTimeImmutable
    {
        try {
            return (new \DateTimeImmutable($this->text('-')))->setTimezone(new \DateTimeZone('UTC'));
        } catch (\Exception) {
            throw InputProblem::at($this->pointer, 'This is not a time such as 2026-11-20T10:00:00Z.');
        }
    }

    /**
     * Builds a core value from this part; what the core refuses is told at this place.
     *
     * @template T
     *
     * @param  callable(self): T  $build
     * @return T
     *
     * @throws InputProblem
     */
    public function build(callable $build): mixed
    {
        try {
            return $build($this);
        } catch (CoreException $problem) {
            throw InputProblem::because($this->pointer, $problem);
        }
    }
}
