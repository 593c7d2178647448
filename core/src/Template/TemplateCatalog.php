<?php

declare(strict_types=1);

namespace Core\Template;

use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Exposure\PlanKind;

/** Templates by key, those that ship and a practice's own, with their inclusions resolved. */
final readonly class TemplateCatalog
{
    /** @param  array<string, Template>  $templates  by key */
    private function __construct(public array $templates)
    {
    }

    /**
     * @param  list<Template>  $templates  a later one with the same key replaces an earlier one
     *
     * @throws InvalidLadder if one includes itself, in however many hands, or a step that is not there
     */
    public static function of(array $templates): self
    {
        $byKey = [];
        foreach ($templates as $template) {
            $byKey[$template->key] = $template;
        }
        $catalog = new self($byKey);
        foreach ($byKey as $template) {
            $catalog->steps($template);
        }

        return $catalog;
    }

    /**
     * With those of these templates that fit, and why the others do not. The order in which they come does not matter.
     *
     * @param  list<Template>  $templates
     * @return array{self, array<string, InvalidLadder>} the reasons by key
     */
    public function withReadable(array $templates): array
    {
        $catalog = $this;
        $refused = [];
        do {
            $waiting = $templates;
            $templates = [];
            $refused = [];
            foreach ($waiting as $template) {
                try {
                    $catalog = self::of([...array_values($catalog->templates), $template]);
                } catch (InvalidLadder $problem) {
                    // it may include one that comes later
                    $templates[] = $template;
                    $refused[$template->key] = $problem;
                }
            }
        } while ($templates !== [] && count($templates) < count($waiting));

        return [$catalog, $refused];
    }

    public function template(string $key): Template
    {
        return $this->templates[$key] ?? throw InvalidLadder::at('', ErrorCode::UnknownTemplate, template: $key);
    }

    /** @return array<string, Template> by key */
    public function ofKind(PlanKind $kind): array
    {
        return array_filter($this->templates, static fn (Template $template): bool => $template->kind === $kind);
    }

    /**
     * All its steps, those of other templates in their places.
     *
     * @return non-empty-list<TemplateStep>
     *
     * @throws InvalidLadder
     */
    public function steps(Template $template): array
    {
        return $this->resolved($template, []);
    }

    /**
     * @param  list<string>  $within  keys of the templates that are being resolved
     * @return non-empty-list<TemplateStep>
     */
    private function resolved(Template $template, array $within): array
    {
        $steps = [];
        foreach ($template->items as $i => $item) {
            if ($item instanceof TemplateStep) {
                $steps[] = $item;
            } else {
                array_push($steps, ...$this->included($template, $item, "/steps/{$i}/include", [...$within, $template->key]));
            }
            if (count($steps) > Template::MAX_STEPS) {
                throw InvalidLadder::at("/steps/{$i}", ErrorCode::StepCount, most: Template::MAX_STEPS, given: count($steps));
            }
        }

        return $steps === [] ? throw InvalidLadder::at('/steps', ErrorCode::EmptyLadder) : $steps;
    }

    /**
     * @param  list<string>  $within
     * @return list<TemplateStep>
     */
    private function included(Template $into, Inclusion $inclusion, string $at, array $within): array
    {
        if (in_array($inclusion->template, $within, true)) {
            throw InvalidLadder::at($at, ErrorCode::IncludesItself, templates: [...$within, $inclusion->template]);
        }
        $from = $this->templates[$inclusion->template]
            ?? throw InvalidLadder::at($at, ErrorCode::UnknownTemplate, template: $inclusion->template);
        if ($from->kind !== $into->kind) {
            throw InvalidLadder::at($at, ErrorCode::OtherKind, template: $from->key);
        }
        $steps = $this->resolved($from, $within);

        return $inclusion->to <= count($steps)
            ? array_map($inclusion->changed(...), array_slice($steps, $inclusion->from - 1, $inclusion->to - $inclusion->from + 1))
            : throw InvalidLadder::at($at, ErrorCode::TooFewSteps, template: $from->key, has: count($steps), asked: $inclusion->to);
    }
}
