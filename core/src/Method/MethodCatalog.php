<?php

declare(strict_types=1);

namespace Core\Method;

use Core\Exception\InvalidCatalog;
use Core\Exposure\PlanKind;
use Core\Ladder\CriterionData;
use Core\Ladder\DogPosture;
use Core\Ladder\FoodTiming;

/** Methods, the points practitioners differ on, and foundations: data, checked once when it is loaded. */
final readonly class MethodCatalog
{
    /**
     * @param  array<string, Method>  $methods  by key
     * @param  array<string, Choice>  $choices  by key
     * @param  array<string, Skill>  $skills  by key
     */
    private function __construct(public string $version, public array $methods, public array $choices, public array $skills)
    {
    }

    /**
     * @param  array<mixed>  $data  as in core/data/methods.json
     *
     * @throws InvalidCatalog naming the entry and field at fault
     */
    public static function fromArray(array $data): self
    {
        $skills = $choices = $methods = [];
        foreach (self::rows($data, 'skills') as $row) {
            $key = self::text($row, 'key', 'skills');
            $days = $row['freshDays'] ?? null;
            $skills[$key] = new Skill(
                $key,
                is_int($days) && $days > 0 ? $days : throw InvalidCatalog::missing("skill {$key}", 'freshDays'),
                isset($row['template']) ? self::text($row, 'template', $key) : null,
            );
        }
        foreach (self::rows($data, 'choices') as $row) {
            $key = self::text($row, 'key', 'choices');
            $options = array_values(array_filter(is_array($row['options'] ?? null) ? $row['options'] : [], is_string(...)));
            if ($options === []) {
                throw InvalidCatalog::missing("choice {$key}", 'options');
            }
            $default = self::text($row, 'default', $key);
            if (! in_array($default, $options, true)) {
                throw InvalidCatalog::contradiction("choice {$key}", 'default-not-listed');
            }
            $choices[$key] = new Choice($key, $options, $default);
        }
        foreach (self::rows($data, 'methods') as $row) {
            $method = self::read($row, $skills);
            if (isset($methods[$method->key])) {
                throw InvalidCatalog::duplicate('methods', $method->key);
            }
            $methods[$method->key] = $method;
        }

        return new self(self::text($data, 'version', 'methods'), $methods, $choices, $skills);
    }

    public function method(string $key): Method
    {
        return $this->methods[$key] ?? throw InvalidCatalog::missing('methods', $key);
    }

    /** @return array<string, Method> by key */
    public function suiting(PlanKind $kind): array
    {
        return array_filter($this->methods, static fn (Method $method): bool => $method->suits($kind));
    }

    /**
     * @param  array<mixed>  $row
     * @param  array<string, Skill>  $skills
     */
    private static function read(array $row, array $skills): Method
    {
        $key = self::text($row, 'key', 'methods');
        $kinds = $prerequisites = [];
        foreach (is_array($row['kinds'] ?? null) ? $row['kinds'] : [] as $kind) {
            $kinds[] = PlanKind::tryFrom(is_string($kind) ? $kind : '') ?? throw InvalidCatalog::missing("method {$key}", 'kinds');
        }
        foreach (is_array($row['prerequisites'] ?? null) ? $row['prerequisites'] : [] as $skill) {
            $prerequisites[] = $skills[is_string($skill) ? $skill : '']
                ?? throw InvalidCatalog::contradiction("method {$key}", 'foundation-not-listed');
        }

        $signs = array_values(array_unique(array_filter(is_array($row['signs'] ?? null) ? $row['signs'] : [], is_string(...))));

        return new Method(
            $key,
            $kinds === [] ? throw InvalidCatalog::missing("method {$key}", 'kinds') : $kinds,
            $prerequisites,
            CriterionData::read($row['criterion'] ?? null, "method {$key}"),
            FoodTiming::tryFrom(self::text($row, 'food', $key)) ?? throw InvalidCatalog::missing("method {$key}", 'food'),
            DogPosture::tryFrom(self::text($row, 'posture', $key)) ?? throw InvalidCatalog::missing("method {$key}", 'posture'),
            $signs === [] ? throw InvalidCatalog::missing("method {$key}", 'signs') : $signs,
        );
    }

    /**
     * @param  array<mixed>  $of
     * @return non-empty-list<array<mixed>>
     */
    private static function rows(array $of, string $field): array
    {
        $rows = array_values(array_filter(is_array($of[$field] ?? null) ? $of[$field] : [], is_array(...)));

        return $rows === [] ? throw InvalidCatalog::missing('methods', $field) : $rows;
    }

    /** @param  array<mixed>  $row */
    private static function text(array $row, string $field, string $where): string
    {
        return is_string($row[$field] ?? null) && $row[$field] !== '' ? $row[$field] : throw InvalidCatalog::missing($where, $field);
    }
}
