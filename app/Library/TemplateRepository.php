<?php

declare(strict_types=1);

namespace App\Library;

use App\Engine\CoreCatalogs;
use App\Models\PracticeTemplate;
use Core\Exception\CoreException;
use Core\Template\TemplateCatalog;

/** All templates that a practice can use: those that ship and its own, which replace one of the same key. */
final class TemplateRepository
{
    public const MAX_OWN = 200;

    /** @var array<string, TemplateCatalog> read in this request, by practice and language */
    private array $read = [];

    /** @var array<int, array<string, CoreException>> why a template of a practice cannot be read, by its label */
    private array $unreadable = [];

    public function __construct(private readonly CoreCatalogs $catalogs)
    {
    }

    public function of(int $practiceId): TemplateCatalog
    {
        return $this->read["{$practiceId} ".words()->reader->language] ??= $this->fromDatabase($practiceId);
    }

    /** A template was kept or taken out in this request. */
    public function forget(): void
    {
        $this->read = [];
    }

    /** @return array<string, CoreException> why one of its templates is left out, by its label */
    public function unreadable(int $practiceId): array
    {
        $this->of($practiceId);

        return $this->unreadable[$practiceId] ?? [];
    }

    /** One that cannot be read is left out and told: it must not take the others, and every page, with it. */
    private function fromDatabase(int $practiceId): TemplateCatalog
    {
        $reader = $this->catalogs->templateReader();
        $own = $unreadable = [];
        foreach (PracticeTemplate::query()->where('practice_id', $practiceId)->orderBy('id')->limit(self::MAX_OWN)->get() as $row) {
            try {
                $own[] = $reader->read($row->content);
            } catch (CoreException $problem) {
                $unreadable[$row->label] = $problem;
            }
        }
        [$catalog, $refused] = TemplateCatalog::of($this->catalogs->templates())->withReadable($own);
        $labels = array_column($own, 'label', 'key');
        foreach ($refused as $key => $problem) {
            $unreadable[$labels[$key]] = $problem;
        }
        $this->unreadable[$practiceId] = $unreadable;

        return $catalog;
    }
}
