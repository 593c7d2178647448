<?php

declare(strict_types=1);

namespace Cli;

use Core\Exposure\DimensionCatalog;
use Core\Food\FoodCatalog;
use Core\Response\ModelPriors;
use Core\Sign\SignCatalog;

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

    /** @return array<mixed> */
    private function read(string $name): array
    {
        $data = json_decode((string) file_get_contents("{$this->folder}/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }
}
