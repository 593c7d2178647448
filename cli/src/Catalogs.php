<?php

declare(strict_types=1);

namespace Cli;

use Core\Exposure\DimensionCatalog;
use Core\Response\ModelPriors;
use Core\Sign\SignCatalog;

/** The core's data files, read from a folder. */
final readonly class Catalogs
{
    public DimensionCatalog $dimensions;

    public SignCatalog $signs;

    public ModelPriors $priors;

    public function __construct(string $folder)
    {
        $this->dimensions = DimensionCatalog::fromArray(self::read("{$folder}/dimensions.presence.json"));
        $this->signs = SignCatalog::fromArray(self::read("{$folder}/signs.json"));
        $this->priors = ModelPriors::fromArray(self::read("{$folder}/priors.json"));
    }

    /** @return array<mixed> */
    private static function read(string $file): array
    {
        $data = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }
}
