<?php

declare(strict_types=1);

namespace App\Library;

use App\Engine\CoreCatalogs;
use App\Models\PracticeTemplate;
use App\Models\User;
use Cli\InputProblem;
use Cli\Schemas;
use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Template\Template;
use Core\Template\TemplateCatalog;
use Illuminate\Database\Connection;

/** Templates as files that other programs can write and read (cli/schemas/template.json). */
final readonly class TemplateFile
{
    private const DEPTH = 24;

    public function __construct(private CoreCatalogs $catalogs, private TemplateRepository $templates, private Connection $database)
    {
    }

    /**
     * Takes all templates of a file, or none.
     *
     * @return list<PracticeTemplate>
     *
     * @throws InvalidLadder with a pointer to the part at fault
     */
    public function import(string $json, User $user): array
    {
        $document = json_decode($json, false, self::DEPTH);
        if (! $document instanceof \stdClass) {
            throw InvalidLadder::at('', ErrorCode::NotJson);
        }
        $isMany = isset($document->templates);
        $data = json_decode($json, true, self::DEPTH);
        $rows = is_array($data) ? ($isMany && is_array($data['templates']) ? $data['templates'] : [$data]) : [];
        // counted first: the schema would look through all of them
        foreach ($rows as $row) {
            if (is_array($row) && is_array($row['steps'] ?? null) && count($row['steps']) > Template::MAX_STEPS) {
                throw InvalidLadder::at('/steps', ErrorCode::StepCount, most: Template::MAX_STEPS, given: count($row['steps']));
            }
        }
        try {
            (new Schemas(base_path('cli/schemas')))->check('template', $document);
        } catch (InputProblem $problem) {
            throw InvalidLadder::at($problem->pointer, ErrorCode::Schema, message: $problem->getMessage());
        }
        $templates = [];
        foreach ($rows as $i => $row) {
            $templates[] = $this->read(is_array($row) ? $row : [], $isMany ? "/templates/{$i}" : '');
        }

        return $this->keep($templates, $user);
    }

    /**
     * @param  list<Template>  $templates
     * @return list<PracticeTemplate>
     *
     * @throws InvalidLadder if they do not fit with each other and with what is there
     */
    public function keep(array $templates, User $user): array
    {
        $reader = $this->catalogs->templateReader();
        // read back before it is stored: what cannot be read is refused here, where somebody can mend it
        $templates = array_map(static fn (Template $template): Template => $reader->read($reader->write($template)), $templates);
        TemplateCatalog::of([...array_values($this->templates->of($user->practice_id)->templates), ...$templates]);
        $keys = array_map(static fn (Template $template): string => $template->key, $templates);
        if (PracticeTemplate::query()->where(
            'practice_id', $user->practice_id,
        )->whereNotIn('key', $keys)->count() + count($keys) > TemplateRepository::MAX_OWN) {
            throw InvalidLadder::at('', ErrorCode::TooManyTemplates, most: TemplateRepository::MAX_OWN);
        }

        $this->templates->forget();

        return $this->database->transaction(fn (): array => array_map(fn (
            Template $template,
        ): PracticeTemplate => PracticeTemplate::query()->updateOrCreate(
            ['practice_id' => $user->practice_id, 'key' => $template->key],
            [
                'user_id' => $user->id, 'label' => $template->label, 'kind' => $template->kind->value,
                'content' => $this->catalogs->templateReader()->write($template),
            ],
        ), $templates));
    }

    /** @return string its content, to have it back */
    public function takeOut(PracticeTemplate $own): string
    {
        $content = json_encode($own->content, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $own->delete();
        $this->templates->forget();

        return $content;
    }

    public function export(Template $template): string
    {
        return json_encode(
            $this->catalogs->templateReader()->write($template),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
    }

    /** @param  array<mixed>  $row */
    private function read(array $row, string $at): Template
    {
        try {
            return $this->catalogs->templateReader()->read($row);
        } catch (InvalidLadder $problem) {
            throw InvalidLadder::within($at, $problem);
        }
    }
}
