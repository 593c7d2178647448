<?php

declare(strict_types=1);

namespace Core\Template;

use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\HandledBy;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Core\Ladder\StepData;
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
     * @throws InvalidLadder with a pointer to the part at fault
     */
    public function read(array $data): Template
    {
        $kind = PlanKind::tryFrom(self::text($data, 'kind')) ?? throw InvalidLadder::at('/kind', ErrorCode::UnknownKind);
        $method = $this->methods->methods[self::text($data, 'method')]
            ?? throw InvalidLadder::at('/method', ErrorCode::UnknownMethod, method: self::text($data, 'method'));
        if (! $method->suits($kind)) {
            throw InvalidLadder::at('/method', ErrorCode::MethodDoesNotSuit, method: $method->key);
        }
        $rows = is_array($data['steps'] ?? null) ? array_values($data['steps']) : [];
        if ($rows === [] || count($rows) > Template::MAX_STEPS) {
            throw InvalidLadder::at('/steps', ErrorCode::StepCount, most: Template::MAX_STEPS, given: count($rows));
        }
        $items = [];
        foreach ($rows as $i => $row) {
            $items[] = is_array($row)
                ? $this->item($row, $kind, "/steps/{$i}")
                : throw InvalidLadder::at("/steps/{$i}", ErrorCode::StepNotAnObject);
        }
        LadderData::checkSameDimensions(
            array_map(static fn (TemplateStep $step): array => $step->values, array_filter(
                $items, static fn (TemplateStep|Inclusion $item): bool => $item instanceof TemplateStep,
            )),
            '/steps',
        );
        $orderBy = isset($data['orderBy']) ? self::text($data, 'orderBy') : null;
        if ($orderBy !== null && ! $this->dimensions[$kind->value]->has($orderBy)) {
            throw InvalidLadder::at('/orderBy', ErrorCode::UnknownDimension, dimension: $orderBy);
        }
        $prerequisites = self::texts($data, 'prerequisites');
        foreach ($prerequisites as $i => $skill) {
            if (! isset($this->methods->skills[$skill])) {
                throw InvalidLadder::at("/prerequisites/{$i}", ErrorCode::UnknownFoundation, skill: $skill);
            }
        }

        return new Template(
            preg_match('/^[a-z0-9][a-z0-9-]{0,59}$/', self::text($data, 'key')) === 1
                ? self::text($data, 'key')
                : throw InvalidLadder::at('/key', ErrorCode::BadKey),
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
            'key' => $template->key, 'label' => $template->label, 'kind' => $template->kind->value, 'method' => $template->method->key,
            'about' => $template->about,
            'prerequisites' => $template->prerequisites, 'cautions' => $template->cautions,
            ...($template->orderBy === null ? [] : ['orderBy' => $template->orderBy]),
            'steps' => array_map(fn (TemplateStep|Inclusion $item): array => $item instanceof Inclusion
                ? ['include' => [
                    'template' => $item->template, 'from' => $item->from, 'to' => $item->to,
                ] + ($item->with === [] ? [] : ['with' => $item->with]) + ($item->who === null ? [] : ['who' => $item->who->value])]
                : $this->writeStep($template, $item), $template->items),
        ];
    }

    /** @return array<string, mixed> */
    private function writeStep(Template $template, TemplateStep $step): array
    {
        $data = StepData::write(new Step(
            Exposure::of($step->values, $this->dimensions[$template->kind->value]), $step->criterion, $step->manner,
        ));

        return $step->way === null ? $data : [...$data, 'at' => ['way' => $step->way, ...$data['at']]];
    }

    /** @param  array<mixed>  $row */
    private function item(array $row, PlanKind $kind, string $at): TemplateStep|Inclusion
    {
        if (isset($row['include'])) {
            $include = is_array($row['include']) ? $row['include'] : [];
            [$from, $to] = [self::integer($include, 'from', "{$at}/include"), self::integer($include, 'to', "{$at}/include")];

            return $from >= 1 && $to >= $from && $to <= Template::MAX_STEPS
                ? new Inclusion(
                    self::text($include, 'template'), $from, $to,
                    StepData::values(
                        is_array($include['with'] ?? null) ? $include['with'] : [], $this->dimensions[$kind->value], "{$at}/include/with",
                    ),
                    isset($include['who']) ? HandledBy::tryFrom(self::text($include, 'who'))
                        ?? throw InvalidLadder::at("{$at}/include/who", ErrorCode::WhoMissing) : null,
                )
                : throw InvalidLadder::at("{$at}/include", ErrorCode::InclusionOrder);
        }
        $values = is_array($row['at'] ?? null) ? $row['at'] : throw InvalidLadder::at("{$at}/at", ErrorCode::ValuesMissing);
        $way = $kind === PlanKind::Presence ? $values['way'] ?? null : null;
        if ($kind === PlanKind::Presence && ! ((is_int($way) || is_float($way)) && $way >= -0.5 && $way <= 1.0)) {
            throw InvalidLadder::at("{$at}/at/way", ErrorCode::WayMissing);
        }
        if ($kind === PlanKind::Presence && isset($values[DimensionKey::Distance->value])) {
            throw InvalidLadder::at("{$at}/at/distance", ErrorCode::WayNotDistance);
        }
        unset($values['way']);
        $step = StepData::read([...$row, 'at' => $values], $this->dimensions[$kind->value], $at);

        return new TemplateStep($step->exposure->values, $way === null ? null : (float) $way, $step->criterion, $step->manner);
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

        return mb_strlen($text) <= $most ? $text : throw InvalidLadder::at("/{$field}", ErrorCode::TextLength, most: $most);
    }

    /** @param  array<mixed>  $of */
    private static function integer(array $of, string $field, string $at): int
    {
        return is_int($of[$field] ?? null) ? $of[$field] : throw InvalidLadder::at("{$at}/{$field}", ErrorCode::WholeNumber);
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
