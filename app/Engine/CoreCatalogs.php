<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\PlanKind;
use Core\Method\MethodCatalog;
use Core\Response\ModelPriors;
use Core\Sign\SignCatalog;
use Core\Template\Template;
use Core\Template\TemplateReader;

/** The core's data files, each read when it is first asked for. */
final class CoreCatalogs
{
    /** Raised whenever the same input may give other advice. */
    private const ENGINE = '6';

    public readonly SignCatalog $signs;

    public readonly ModelPriors $priors;

    /** @var array<string, DimensionCatalog> by kind of plan */
    private array $dimensions = [];

    private ?MethodCatalog $methods = null;

    /** @var array<string, list<Template>> by language */
    private array $templates = [];

    public function __construct(private readonly string $folder)
    {
        $this->signs = SignCatalog::fromArray($this->read('signs'));
        $this->priors = ModelPriors::fromArray($this->read('priors'));
    }

    /** As shipped, in the usual order. */
    public function dimensions(PlanKind $kind): DimensionCatalog
    {
        return $this->dimensions[$kind->value] ??= DimensionCatalog::fromArray($this->read("dimensions.{$kind->value}"));
    }

    public function methods(): MethodCatalog
    {
        return $this->methods ??= MethodCatalog::fromArray($this->read('methods'));
    }

    public function templateReader(): TemplateReader
    {
        $dimensions = [];
        foreach (PlanKind::cases() as $kind) {
            $dimensions[$kind->value] = $this->dimensions($kind);
        }

        return new TemplateReader($dimensions, $this->methods());
    }

    /** @return list<Template> that ship, told in the reader's language */
    public function templates(): array
    {
        return $this->templates[words()->reader->language] ??= array_map(
            fn (string $key): Template => $this->templateReader()->read(words()->template($key, $this->read("templates/{$key}"))),
            $this->templateKeys(),
        );
    }

    /** @return list<string> */
    private function templateKeys(): array
    {
        $files = glob("{$this->folder}/templates/*.json");

        return array_map(static fn (string $file): string => basename($file, '.json'), is_array($files) ? $files : []);
    }

    /** Versions of all that an advice rests on. */
    public function engine(PlanKind $kind): string
    {
        return 'engine '.self::ENGINE.', priors '.$this->priors->version.', dimensions '.$this->dimensions($kind)->version;
    }

    /** @return array<mixed> */
    private function read(string $name): array
    {
        $data = json_decode((string) file_get_contents("{$this->folder}/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }
}
