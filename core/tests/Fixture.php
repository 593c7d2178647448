<?php

declare(strict_types=1);

namespace Core\Tests;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Distance;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\ModelPriors;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\SignCatalog;

/** The catalogs as shipped, and a dog's model in one line. */
final class Fixture
{
    public static function dimensions(): DimensionCatalog
    {
        return DimensionCatalog::fromArray(self::data('dimensions.presence'));
    }

    /**
     * Every catalog that ships, by kind of plan.
     *
     * @return array<string, DimensionCatalog>
     */
    public static function catalogs(): array
    {
        $catalogs = [];
        foreach (['presence', 'contact', 'sound', 'duration'] as $plan) {
            $catalogs[$plan] = DimensionCatalog::fromArray(self::data("dimensions.{$plan}"));
        }

        return $catalogs;
    }

    public static function signs(): SignCatalog
    {
        return SignCatalog::fromArray(self::data('signs'));
    }

    public static function priors(): ModelPriors
    {
        return ModelPriors::fromArray(self::data('priors'));
    }

    public static function at(float $meters, string $motion = 'standing'): Exposure
    {
        return Exposure::of(['distance' => $meters, 'trigger_motion' => $motion], self::dimensions());
    }

    public static function scale(float $referenceMeters = 10.0): LoadScale
    {
        return LoadScale::of(self::dimensions(), Distance::fromMeters($referenceMeters), ['trigger_motion']);
    }

    /**
     * @param  list<array{float, int}>  $trials  meters and band
     */
    public static function session(string $day, array $trials): SessionEvidence
    {
        return SessionEvidence::ofTrials(new \DateTimeImmutable("{$day} 10:00 UTC"), array_map(
            static fn (array $trial): array => ['exposure' => self::at($trial[0]), 'band' => Band::from($trial[1]), 'afterReaction' => false],
            $trials,
        ));
    }

    /**
     * @param  list<SessionEvidence>  $earlier
     * @param  list<array{float, int}>  $today
     */
    public static function model(array $earlier, array $today, string $day = '2026-10-20', ?float $fineAt = null): DogModel
    {
        return (new ModelBuilder(self::priors()))->build(self::scale(), true, $fineAt === null ? null : self::at($fineAt), $earlier, self::session($day, $today))
            ?? throw new \LogicException('The fit did not converge.');
    }

    /** @return array<mixed> */
    private static function data(string $name): array
    {
        $data = json_decode((string) file_get_contents(dirname(__DIR__)."/data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }
}
