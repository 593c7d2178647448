<?php

declare(strict_types=1);

namespace Core\Tests;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Food\FoodCatalog;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Method\MethodCatalog;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\ModelPriors;
use Core\Response\Risk;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\SignCatalog;
use Core\Template\TemplateCatalog;
use Core\Template\TemplateLayout;
use Core\Template\TemplateReader;

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

    public static function food(): FoodCatalog
    {
        return FoodCatalog::fromArray(self::data('food'));
    }

    public static function priors(): ModelPriors
    {
        return ModelPriors::fromArray(self::data('priors'));
    }

    public static function methods(): MethodCatalog
    {
        return MethodCatalog::fromArray(self::data('methods'));
    }

    public static function templateReader(): TemplateReader
    {
        return new TemplateReader(self::catalogs(), self::methods());
    }

    /** @return array<string, array<mixed>> every template that ships, as data, by file name */
    public static function templateData(): array
    {
        $data = [];
        $files = glob(dirname(__DIR__).'/data/templates/*.json');
        foreach (is_array($files) ? $files : [] as $file) {
            $data[basename($file, '.json')] = self::data('templates/'.basename($file, '.json'));
        }

        return $data;
    }

    public static function templates(): TemplateCatalog
    {
        return TemplateCatalog::of(array_map(self::templateReader()->read(...), array_values(self::templateData())));
    }

    /**
     * A ladder that ships, laid out for a typical dog, with that dog's model before any trial.
     *
     * @return array{Ladder, DogModel}
     */
    public static function laid(string $key, float $start = 64.0, float $goal = 4.0): array
    {
        $catalog = self::templates();
        $template = $catalog->template($key);
        $dimensions = self::catalogs()[$template->kind->value];
        $ladder = (new TemplateLayout($dimensions))
            ->lay($catalog->steps($template), $template->orderBy, Distance::fromMeters($start), Distance::fromMeters($goal));

        return [$ladder, self::typical($ladder, $dimensions)];
    }

    /** The model of a dog of which nothing is known but a reaction at 8 m. */
    public static function typical(Ladder $ladder, DimensionCatalog $dimensions): DogModel
    {
        $keys = [];
        foreach ($ladder->steps as $step) {
            $keys += $step->exposure->values;
        }

        return (new ModelBuilder(self::priors()))->build(
            LoadScale::of($dimensions, Distance::fromMeters(8.0), array_keys($keys)), true, null, [],
            new SessionEvidence(new \DateTimeImmutable('2026-10-20 10:00 UTC'), []),
        )
            ?? throw new \LogicException('The fit did not converge.');
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
            static fn (array $trial): array =>
                ['exposure' => self::at($trial[0]), 'band' => Band::from($trial[1]), 'afterReaction' => false],
            $trials,
        ));
    }

    /**
     * @param  list<SessionEvidence>  $earlier
     * @param  list<array{float, int}>  $today
     */
    public static function model(array $earlier, array $today, string $day = '2026-10-20', ?float $fineAt = null): DogModel
    {
        return (new ModelBuilder(self::priors()))
            ->build(self::scale(), true, $fineAt === null ? null : self::at($fineAt), $earlier, self::session($day, $today))
            ?? throw new \LogicException('The fit did not converge.');
    }

    public static function risk(float $strainMean, float $strainBound, float $reactionMean, float $reactionBound): Risk
    {
        return Risk::fromArray([
            'strainMean' => $strainMean, 'strainBound' => $strainBound, 'reactionMean' => $reactionMean, 'reactionBound' => $reactionBound,
        ]);
    }

    /** @return array<mixed> a catalog as it ships, to spoil */
    public static function data(string $name): array
    {
        $data = json_decode((string) file_get_contents(dirname(__DIR__)."/data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }
}
