<?php

declare(strict_types=1);

namespace Core\Template;

use Core\Exception\CoreException;
use Core\Exception\InvalidTemplate;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\CriterionData;
use Core\Ladder\DogPosture;
use Core\Ladder\FoodTiming;
use Core\Ladder\HandledBy;
use Core\Ladder\Manner;
use Core\Method\MethodCatalog;

/** Reads a template from data (core/data/templates, or a practice's file) and back. Nothing in it may be left open. */
final readonly class TemplateReader
{
    /** @param  array<string, DimensionCatalog>  $dimensions  by kind of plan */
    public function __construct(private array $dimensions, private MethodCatalog $methods)
    {
    }

    /**
     * @param  array<mixed>  $data
     *
     * @throws InvalidTemplate with a pointer to the part at fault
     */
    public function read(array $data): Template
    {
        $kind = PlanKind::tryFrom(self::text($data, 'kind')) ?? throw InvalidTemplate::at('/kind', 'Say presence, contact, sound or duration.');
        $method = $this->methods->methods[self::text($data, 'method')] ?? throw InvalidTemplate::at('/method', 'There is no method "'.self::text($data, 'method').'".');
        if (! $method->suits($kind)) {
            throw InvalidTemplate::at('/method', "The method \"{$method->label}\" does not suit this kind of plan.");
        }
        $rows = is_array($data['steps'] ?? null) ? array_values($data['steps']) : [];
        if ($rows === [] || count($rows) > Template::MOST_STEPS) {
            throw InvalidTemplate::at('/steps', 'A template has 1 to '.Template::MOST_STEPS.' steps; this one has '.count($rows).'.');
        }
        $items = [];
        foreach ($rows as $i => $row) {
            $items[] = is_array($row) ? $this->item($row, $kind, "/steps/{$i}") : throw InvalidTemplate::at("/steps/{$i}", 'A step is an object.');
        }
        $this->checkSameDimensions($items);
        $orderBy = isset($data['orderBy']) ? self::text($data, 'orderBy') : null;
        if ($orderBy !== null && ! $this->dimensions[$kind->value]->has($orderBy)) {
            throw InvalidTemplate::at('/orderBy', "There is no dimension \"{$orderBy}\".");
        }
        $prerequisites = self::texts($data, 'prerequisites');
        foreach ($prerequisites as $i => $skill) {
            if (! isset($this->methods->skills[$skill])) {
                throw InvalidTemplate::at("/prerequisites/{$i}", "There is no foundation \"{$skill}\".");
            }
        }

        return new Template(
            preg_match('/^[a-z0-9][a-z0-9-]{0,59}$/', self::text($data, 'key')) === 1 ? self::text($data, 'key') : throw InvalidTemplate::at('/key', 'A key is small letters, digits and hyphens, at most 60.'),
            self::bounded($data, 'label', 120),
            $kind,
            $method,
            self::bounded($data, 'about', 600),
            $prerequisites,
            self::texts($data, 'cautions'),
            $orderBy,
            $items,
        );
    }

    /** @return array<string, mixed> as read() takes it */
    public function write(Template $template): array
    {
        return [
            'key' => $template->key, 'label' => $template->label, 'kind' => $template->kind->value, 'method' => $template->method->key, 'about' => $template->about,
            'prerequisites' => $template->prerequisites, 'cautions' => $template->cautions,
            ...($template->orderBy === null ? [] : ['orderBy' => $template->orderBy]),
            'steps' => array_map(static fn (TemplateStep|Inclusion $item): array => $item instanceof Inclusion
                ? ['include' => ['template' => $item->template, 'from' => $item->from, 'to' => $item->to] + ($item->with === [] ? [] : ['with' => $item->with]) + ($item->who === null ? [] : ['who' => $item->who->value])]
                : [
                    'do' => $item->manner->instruction,
                    'at' => ($item->way === null ? [] : ['way' => $item->way]) + $item->values,
                    'criterion' => CriterionData::write($item->criterion),
                    'food' => $item->manner->food->value, 'posture' => $item->manner->posture->value, 'who' => $item->manner->who->value,
                    'hands' => $item->manner->hands, 'eyes' => $item->manner->eyes,
                ], $template->items),
        ];
    }

    /** @param  array<mixed>  $row */
    private function item(array $row, PlanKind $kind, string $at): TemplateStep|Inclusion
    {
        if (isset($row['include'])) {
            $include = is_array($row['include']) ? $row['include'] : [];
            [$from, $to] = [self::integer($include, 'from', "{$at}/include"), self::integer($include, 'to', "{$at}/include")];

            return $from >= 1 && $to >= $from && $to <= Template::MOST_STEPS
                ? new Inclusion(
                    self::text($include, 'template'), $from, $to, $this->values(is_array($include['with'] ?? null) ? $include['with'] : [], $kind, "{$at}/include/with"),
                    isset($include['who']) ? HandledBy::tryFrom(self::text($include, 'who')) ?? throw InvalidTemplate::at("{$at}/include/who", 'Say who does it.') : null,
                )
                : throw InvalidTemplate::at("{$at}/include", 'Count the steps to take over from 1, the first before the last.');
        }
        $values = is_array($row['at'] ?? null) ? $row['at'] : throw InvalidTemplate::at("{$at}/at", 'Say the value of every dimension.');
        $way = $kind === PlanKind::Presence ? $values['way'] ?? null : null;
        if ($kind === PlanKind::Presence && ! ((is_int($way) || is_float($way)) && $way >= -0.5 && $way <= 1.0)) {
            throw InvalidTemplate::at("{$at}/at/way", 'Say how far along from start (0) to goal (1) this step is: −0.5 to 1.');
        }
        if ($kind === PlanKind::Presence && isset($values['distance'])) {
            throw InvalidTemplate::at("{$at}/at/distance", 'A template tells "way", part of the way from start to goal, not a distance.');
        }
        unset($values['way']);
        $checked = $this->values($values, $kind, "{$at}/at");
        try {
            return new TemplateStep($checked, $way === null ? null : (float) $way, CriterionData::read($row['criterion'] ?? null, 'criterion'), Manner::of(
                self::text($row, 'do'),
                FoodTiming::tryFrom(self::text($row, 'food')) ?? throw InvalidTemplate::at("{$at}/food", 'Say when the food comes.'),
                DogPosture::tryFrom(self::text($row, 'posture')) ?? throw InvalidTemplate::at("{$at}/posture", 'Say what the dog is asked to do with its body.'),
                HandledBy::tryFrom(self::text($row, 'who')) ?? throw InvalidTemplate::at("{$at}/who", 'Say who does it.'),
                self::integer($row, 'hands', $at),
                self::integer($row, 'eyes', $at),
            ));
        } catch (InvalidTemplate $problem) {
            throw $problem;
        } catch (CoreException $problem) {
            throw InvalidTemplate::at($at, $problem->getMessage());
        }
    }

    /**
     * @param  array<mixed>  $values
     * @return array<string, float|string>
     */
    private function values(array $values, PlanKind $kind, string $at): array
    {
        $checked = [];
        foreach ($values as $key => $value) {
            try {
                $checked += Exposure::of([(string) $key => is_int($value) || is_float($value) || is_string($value) ? $value : ''], $this->dimensions[$kind->value])->values;
            } catch (CoreException $problem) {
                throw InvalidTemplate::at("{$at}/{$key}", $problem->getMessage());
            }
            $range = $this->dimensions[$kind->value]->dimension((string) $key)->kind->range();
            if ($range !== null && ($checked[$key] < min($range) || $checked[$key] > max($range))) {
                throw InvalidTemplate::at("{$at}/{$key}", 'It must be '.min($range).' to '.max($range).'.');
            }
        }
        foreach (array_keys($checked) as $key) {
            $says = array_intersect($this->dimensions[$kind->value]->dimension($key)->overlaps, array_keys($checked));
            if ($says !== []) {
                throw InvalidTemplate::at("{$at}/{$key}", "\"{$key}\" and \"".implode('", "', $says).'" say the same thing. Use one of them.');
            }
        }

        return $checked;
    }

    /** @param  list<TemplateStep|Inclusion>  $items */
    private function checkSameDimensions(array $items): void
    {
        $all = [];
        foreach ($items as $item) {
            $all += $item instanceof TemplateStep ? array_fill_keys(array_keys($item->values), true) : [];
        }
        foreach ($items as $i => $item) {
            $missing = $item instanceof TemplateStep ? array_keys(array_diff_key($all, $item->values)) : [];
            if ($missing !== []) {
                throw InvalidTemplate::at("/steps/{$i}/at", 'Another step says '.implode(', ', $missing).'; this one leaves it open. Every step says every dimension in play.');
            }
        }
    }

    /** @param  array<mixed>  $of */
    private static function text(array $of, string $field): string
    {
        return is_string($of[$field] ?? null) ? trim($of[$field]) : '';
    }

    /** @param  array<mixed>  $of */
    private static function bounded(array $of, string $field, int $most): string
    {
        $text = self::text($of, $field);

        return $text !== '' && mb_strlen($text) <= $most ? $text : throw InvalidTemplate::at("/{$field}", "Write 1 to {$most} characters.");
    }

    /** @param  array<mixed>  $of */
    private static function integer(array $of, string $field, string $at): int
    {
        return is_int($of[$field] ?? null) ? $of[$field] : throw InvalidTemplate::at("{$at}/{$field}", 'Give a whole number.');
    }

    /**
     * @param  array<mixed>  $of
     * @return list<string>
     */
    private static function texts(array $of, string $field): array
    {
        return array_values(array_filter(is_array($of[$field] ?? null) ? $of[$field] : [], is_string(...)));
    }
}
