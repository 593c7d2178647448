<?php

declare(strict_types=1);

namespace App\Advice;

use Core\Exposure\DimensionCatalog;
use Core\Response\ModelPriors;
use Core\Sign\SignCatalog;

/** The core's data files, read once per process start. */
final readonly class CoreCatalogs
{
    /** Raised whenever the same input may give other advice. */
    private const ENGINE = '1';

    public DimensionCatalog $dimensions;

    public SignCatalog $signs;

    public ModelPriors $priors;

    public string $engine;

    public function __construct(string $folder)
    {
        $this->dimensions = DimensionCatalog::fromArray(self::read("{$folder}/dimensions.presence.json"));
        $this->signs = SignCatalog::fromArray(self::read("{$folder}/signs.json"));
        $this->priors = ModelPriors::fromArray(self::read("{$folder}/priors.json"));
        $this->engine = 'engine '.self::ENGINE.', priors '.$this->priors->version.', dimensions '.$this->dimensions->version;
    }

    /** @return array<mixed> */
    private static function read(string $file): array
    {
        $data = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }
}
