<?php

declare(strict_types=1);

namespace Core\Tests;

use Core\Exception\CoreException;
use Core\Exposure\DimensionCatalog;
use Core\Food\FoodCatalog;
use Core\Method\MethodCatalog;
use Core\Response\ModelPriors;
use Core\Sign\SignCatalog;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A catalog that ships, spoilt in one place, does not load: a rule must not die silently, and a file is mended where it says. */
#[CoversClass(DimensionCatalog::class)]
#[CoversClass(FoodCatalog::class)]
#[CoversClass(MethodCatalog::class)]
#[CoversClass(ModelPriors::class)]
#[CoversClass(SignCatalog::class)]
final class CatalogsRefuseTest extends TestCase
{
    private const READ = [
        'signs' => [SignCatalog::class, 'signs'], 'food' => [FoodCatalog::class, 'food'], 'methods' => [MethodCatalog::class, 'methods'],
        'priors' => [ModelPriors::class, 'priors'], 'presence' => [DimensionCatalog::class, 'dimensions.presence'],
        'contact' => [DimensionCatalog::class, 'dimensions.contact'],
    ];

    /** What each field must not be, by the path to it; "-" takes it out. */
    private const SPOILT = [
        'signs' => [
            'version' => [1, '-'], 'cutPoints' => ['x', '-'], 'cutPoints.strain' => [1.5, '-'], 'cutPoints.effort' => ['2', '-'],
            'signs' => ['x', '-'],
            'signs.0.code' => [7, '-'], 'signs.0.weight' => ['huge', 3, '-'],
        ],
        'food' => [
            'version' => [1, '-'], 'treatShare' => [0.0, 1.0, 'much', '-'], 'stages' => [[], '-'], 'stages.0' => ['x'],
            'stages.0.key' => [1, '-'],
            'stages.0.factor' => [0, -1.5, 'x', '-'],
        ],
        'methods' => [
            'version' => [1, '-'], 'skills.0.key' => [1, '-'], 'skills.0.freshDays' => [0, 1.5, '-'], 'choices.0.options' => [[], 'x', '-'],
            'choices.0.default' => ['nowhere', '-'], 'methods.0.key' => [1, '-'], 'methods.0.kinds' => [['nowhere'], '-'],
            'methods.0.prerequisites' => [['no_such_skill']], 'methods.0.signs' => [[], 'stiff', '-'],
        ],
        'priors' => ['version' => [1, '-']],
        'presence' => [
            'version' => [1, '-'], 'dimensions' => ['x', '-'], 'dimensions.0.key' => ['reach', 1, '-'],
            'dimensions.0.kind' => ['shape', '-'],
            'dimensions.0.slope' => ['x', '-'],
        ],
        'contact' => ['dimensions.0.key' => ['reach', '-'], 'dimensions.1.values' => ['x']],
    ];

    #[DataProvider('spoilt')]
    public function test_it_does_not_load(string $catalog, string $path, mixed $by): void
    {
        [$class, $file] = self::READ[$catalog];
        $class::fromArray(Fixture::data($file));
        $this->expectException(CoreException::class);
        $class::fromArray(self::with(Fixture::data($file), explode('.', $path), $by));
    }

    /** @return iterable<string, array{string, string, mixed}> */
    public static function spoilt(): iterable
    {
        foreach (self::SPOILT as $catalog => $paths) {
            foreach ($paths as $path => $wrongs) {
                foreach ($wrongs as $by) {
                    yield "{$catalog}: {$path} as ".json_encode($by, JSON_PRESERVE_ZERO_FRACTION) => [$catalog, $path, $by];
                }
            }
        }
    }

    #[DataProvider('lists')]
    public function test_an_entry_that_stands_there_twice_is_refused(string $catalog, string $list): void
    {
        [$class, $file] = self::READ[$catalog];
        $data = Fixture::data($file);
        $rows = is_array($data[$list]) ? array_values($data[$list]) : [];
        $this->expectException(CoreException::class);
        $class::fromArray([...$data, $list => [...$rows, $rows[0]]]);
    }

    /** @return iterable<array{string, string}> */
    public static function lists(): iterable
    {
        yield 'signs' => ['signs', 'signs'];
        yield 'methods' => ['methods', 'methods'];
        yield 'dimensions' => ['presence', 'dimensions'];
    }

    /**
     * @param  array<mixed>  $data
     * @param  non-empty-list<string>  $path
     * @return array<mixed>
     */
    private static function with(array $data, array $path, mixed $by): array
    {
        $key = array_shift($path);
        if ($path !== []) {
            $data[$key] = self::with(is_array($data[$key] ?? null) ? $data[$key] : [], $path, $by);
        } elseif ($by === '-') {
            unset($data[$key]);
        } else {
            $data[$key] = $by;
        }

        return $data;
    }
}
