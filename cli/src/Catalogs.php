<?php

declare(strict_types=1);

namespace Cli;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\PlanKind;
use Core\Food\FoodCatalog;
use Core\Method\MethodCatalog;
use Core\Response\ModelPriors;
use Core\Sign\SignCatalog;
use Core\Template\TemplateCatalog;
use Core\Template\TemplateReader;
use Words\Phrases;

/** The core's data files, read from a folder. */
final readonly class Catalogs
{
    public SignCatalog $signs;

    public ModelPriors $priors;

    public function __construct(private string $folder)
    {
        $this->signs = SignCatalog::fromArray($this->read('signs'));
        $this->priors = ModelPriors::fromArray($this->read('priors'));
    }

    /** @param  string  $plan  kind of plan: presence, contact, sound or duration */
    public function dimensions(string $plan = 'presence'): DimensionCatalog
    {
        return DimensionCatalog::fromArray($this->read("dimensions.{$plan}"));
    }

    public function food(): FoodCatalog
    {
        return FoodCatalog::fromArray($this->read('food'));
    }

    /** The ladders that ship, in words. */
    public function templates(Phrases $phrases): TemplateCatalog
    {
        $dimensions = [];
        foreach (PlanKind::cases() as $kind) {
            $dimensions[$kind->value] = $this->dimensions($kind->value);
        }
        $reader = new TemplateReader($dimensions, MethodCatalog::fromArray($this->read('methods')));
        $templates = [];
        $files = glob("{$this->folder}/templates/*.json");
        foreach (is_array($files) ? $files : [] as $file) {
            $key = basename($file, '.json');
            $templates[] = $reader->read($phrases->template($key, $this->read("templates/{$key}")));
        }

        return TemplateCatalog::of($templates);
    }

    /** @return array<mixed> */
    private function read(string $name): array
    {
        $data = json_decode((string) file_get_contents("{$this->folder}/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }
}
