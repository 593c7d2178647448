<?php

declare(strict_types=1);

namespace App\Templates;

use App\Advice\CoreCatalogs;
use App\Models\PracticeTemplate;
use Core\Template\Template;
use Core\Template\TemplateCatalog;

/** All templates that a practice can use: those that ship and its own, which replace one of the same key. */
final class TemplateShelf
{
    public const MOST_OWN = 200;

    /** @var array<int, TemplateCatalog> read in this request, by practice */
    private array $read = [];

    public function __construct(private readonly CoreCatalogs $catalogs)
    {
    }

    public function of(int $practiceId): TemplateCatalog
    {
        return $this->read[$practiceId] ??= $this->fromDatabase($practiceId);
    }

    /** A template was kept or taken out in this request. */
    public function forget(): void
    {
        $this->read = [];
    }

    private function fromDatabase(int $practiceId): TemplateCatalog
    {
        $reader = $this->catalogs->templateReader();
        $own = PracticeTemplate::query()->where('practice_id', $practiceId)->orderBy('id')->limit(self::MOST_OWN)->get()
            ->map(static fn (PracticeTemplate $row): Template => $reader->read($row->content))->all();

        return TemplateCatalog::of([...$this->catalogs->templates(), ...array_values($own)]);
    }
}
