<?php

declare(strict_types=1);

namespace Core\Tests\Template;

use Core\Exception\InvalidExposure;
use Core\Exception\InvalidLadder;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Method\Method;
use Core\Method\MethodCatalog;
use Core\Sign\SignWeight;
use Core\Template\Inclusion;
use Core\Template\TemplateCatalog;
use Core\Template\TemplateLayout;
use Core\Template\TemplateReader;
use Core\Template\TemplateStep;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

#[CoversClass(TemplateReader::class)]
#[CoversClass(TemplateCatalog::class)]
#[CoversClass(TemplateLayout::class)]
#[CoversClass(TemplateStep::class)]
#[CoversClass(Inclusion::class)]
#[CoversClass(MethodCatalog::class)]
final class TemplateTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function shipped(): iterable
    {
        foreach (array_keys(Fixture::templateData()) as $key) {
            yield $key => [$key];
        }
    }

    /** Handbook 3, ladders 1 to 17; some are several here (care, foundations, the net). */
    public function test_every_ladder_of_the_handbook_ships(): void
    {
        self::assertEqualsCanonicalizing([
            'trigger-at-a-distance', 'passing-on-cue', 'head-on-encounters', 'basket-muzzle', 'net-muzzle', 'halter-or-loop',
            'harness-straps', 'harness-second-person',
            'leash-and-collar', 'collar-hold', 'whole-body', 'teeth', 'nails', 'ear-care', 'eye-care', 'brushing', 'towel-and-bath',
            'injection', 'scale', 'settle-mat', 'quiet-walking',
            'look-up', 'marker-loading', 'name-turn', 'hand-target', 'chin-rest', 'hold-still', 'loose-leash', 'turn-away', 'sounds',
            'taking-off', 'wearing', 'picking-up', 'tour-with-a-chew', 'item-as-target', 'leash-from-the-floor', 'curb-and-crossing',
            'out-of-the-door', 'arriving',
        ], array_keys(Fixture::templateData()));
        foreach (Fixture::methods()->skills as $skill) {
            self::assertTrue($skill->template === null || isset(Fixture::templateData()[$skill->template]), $skill->key);
        }
    }

    /** A row for the thumb: what tells most in each way of working, with a good sign among it; each row is another. */
    public function test_every_method_has_a_first_row_of_signs_of_its_own(): void
    {
        $rows = array_map(static fn (Method $method): array => $method->signs, Fixture::methods()->methods);
        foreach ($rows as $key => $codes) {
            $weights = array_map(static fn (string $code): SignWeight => Fixture::signs()->signs[$code]->weight, $codes);
            self::assertCount(12, $weights, $key);
            self::assertContains(SignWeight::Comfort, $weights, $key);
        }
        self::assertCount(count($rows), array_unique(array_map(static fn (array $codes): string => implode(' ', $codes), $rows)));
    }

    /** Looks at the file itself: what a reader fills in by default would hide here. */
    #[DataProvider('shipped')]
    public function test_every_step_of_a_template_leaves_nothing_open(string $key): void
    {
        $data = Fixture::templateData()[$key];
        self::assertSame($key, $data['key']);
        foreach (['kind', 'method', 'prerequisites', 'steps'] as $field) {
            self::assertNotEmpty($data[$field] ?? null, "{$key}: {$field}");
        }
        $dimensions = $hasStrands = null;
        foreach (is_array($data['steps']) ? $data['steps'] : [] as $i => $step) {
            self::assertIsArray($step);
            if (isset($step['include'])) {
                continue;
            }
            self::assertSame(
                ['at', 'criterion', 'food', 'posture', 'who', 'hands', 'eyes'], array_keys(array_diff_key($step, ['strands' => 0])),
                "{$key}, step {$i}",
            );
            $hasStrands ??= isset($step['strands']);
            self::assertSame($hasStrands, isset($step['strands']), "{$key}, step {$i}: all of them or none");
            self::assertIsArray($step['at']);
            $here = array_keys($step['at']);
            sort($here);
            self::assertSame($dimensions ??= $here, $here, "{$key}, step {$i}: every step says the same dimensions");
            self::assertNotContains(null, $step['at'], "{$key}, step {$i}");
            self::assertNotContains('', $step['at'], "{$key}, step {$i}");
        }
    }

    #[DataProvider('shipped')]
    public function test_a_template_is_read_written_and_read_again_the_same(string $key): void
    {
        $reader = Fixture::templateReader();
        $once = $reader->read(Fixture::templateData()[$key]);

        self::assertEquals($once, $reader->read($reader->write($once)));
    }

    #[DataProvider('shipped')]
    public function test_a_template_can_be_laid_out_for_a_dog(string $key): void
    {
        $catalog = Fixture::templates();
        $template = $catalog->template($key);
        $ladder = (new TemplateLayout(Fixture::catalogs()[$template->kind->value]))
            ->lay($catalog->steps($template), $template->orderBy, Distance::fromMeters(60.0), Distance::fromMeters(3.0));

        foreach ($ladder->steps as $step) {
            self::assertSame($template->kind === PlanKind::Presence, $step->exposure->distance() !== null);
        }
    }

    public function test_distances_run_from_start_to_goal_and_go_back_where_something_else_gets_harder(): void
    {
        $catalog = Fixture::templates();
        $ladder = (new TemplateLayout(Fixture::dimensions()))
            ->lay(
                $catalog->steps($catalog->template('trigger-at-a-distance')), null, Distance::fromMeters(64.0), Distance::fromMeters(4.0),
            );
        $meters = array_map(static fn ($step): float => $step->exposure->distance()->meters ?? 0.0, $ladder->steps);
        $motion = array_map(static fn ($step): string => (string) $step->exposure->values['trigger_motion'], $ladder->steps);
        $moves = (int) array_search('slow_walk', $motion, true);

        self::assertSame(64.0, $meters[0]);
        self::assertEqualsWithDelta(4.0, min($meters), 1e-9);
        self::assertSame(7.0, $meters[$moves - 1], 'eight tenths of the way, 64·(1/16)^0.8 = 6.96, as it can be paced out');
        self::assertGreaterThan($meters[$moves - 1], $meters[$moves], 'the trigger moves: start again from farther');
    }

    public function test_body_areas_follow_the_dogs_own_order(): void
    {
        $catalog = Fixture::templates();
        $areas = array_map(static fn ($value): string => $value->key, Fixture::catalogs()['contact']->dimension('body_area')->values);
        $own = [...array_diff($areas, ['shoulder']), 'shoulder'];
        $template = $catalog->template('whole-body');
        $last = static function (DimensionCatalog $dimensions) use ($catalog, $template): string {
            $ladder = (new TemplateLayout($dimensions))->lay($catalog->steps($template), $template->orderBy, null, null);

            return (string) $ladder->step($ladder->top())->exposure->values['body_area'];
        };

        self::assertSame('lips', $last(Fixture::catalogs()['contact']));
        self::assertSame('shoulder', $last(Fixture::catalogs()['contact']->withOrders(['body_area' => array_values($own)])));
    }

    public function test_an_inclusion_takes_steps_over_with_what_differs(): void
    {
        $catalog = Fixture::templates();
        $steps = $catalog->steps($catalog->template('harness-second-person'));

        self::assertCount(11, $steps);
        self::assertSame(['second'], array_values(
            array_unique(array_map(static fn (TemplateStep $step): string => (string) $step->values['helper'], $steps)),
        ));
    }

    /** @param  list<string>  $path  where the file is changed */
    #[TestWith([['steps', '1', 'at', 'gap'], 'wide', '/steps/1/at/gap'], 'text for a measure')]
    #[TestWith([['steps', '1', 'at', 'gap'], -5, '/steps/1/at/gap'], 'less than touching')]
    #[TestWith([['steps', '1', 'at', 'smell'], 'strong', '/steps/1/at/smell'], 'a dimension that does not exist')]
    #[TestWith([['steps', '1', 'at', 'contact'], 'squeeze', '/steps/1/at/contact'], 'a value that does not exist')]
    #[TestWith([['steps', '1', 'at', 'hand_timing'], 'moving', '/steps/0/at'], 'a dimension the others leave open')]
    #[TestWith([['steps', '1', 'criterion', 'run'], 40, '/steps/1'], 'a run of forty')]
    #[TestWith([['steps', '1', 'food'], 'later', '/steps/1/food'], 'no such food timing')]
    #[TestWith([['steps', '1', 'hands'], 7, '/steps/1'], 'seven hands')]
    #[TestWith([['method'], 'remote_collar', '/method'], 'a method that is refused')]
    #[TestWith([['method'], 'cued_attention', '/method'], 'a method for another kind')]
    #[TestWith([['prerequisites', '0'], 'obedience', '/prerequisites/0'], 'no such foundation')]
    #[TestWith([['key'], '../etc', '/key'], 'a key that is a path')]
    public function test_a_bad_file_is_told_at_its_field(array $path, mixed $value, string $pointer): void
    {
        $data = Fixture::templateData()['nails'];
        $part = &$data;
        foreach ($path as $field) {
            self::assertIsArray($part);
            $part = &$part[is_numeric($field) ? (int) $field : $field];
        }
        $part = $value;
        unset($part);

        try {
            Fixture::templateReader()->read(is_array($data) ? $data : []);
            self::fail('It was read.');
        } catch (InvalidLadder $problem) {
            self::assertSame($pointer, $problem->pointer, $problem->getMessage());
        }
    }

    public function test_two_dimensions_that_say_the_same_are_refused(): void
    {
        $data = Fixture::templateData()['passing-on-cue'];
        $data['steps'] = array_map(
            static fn (mixed $step): array =>
                array_replace_recursive(is_array($step) ? $step : [], ['at' => ['trigger_held' => 'leashed']]),
            is_array($data['steps']) ? $data['steps'] : [],
        );
        $this->expectExceptionMessage('says-the-same');
        Fixture::templateReader()->read($data);
    }

    public function test_ten_thousand_steps_are_refused(): void
    {
        $data = Fixture::templateData()['nails'];
        self::assertIsArray($data['steps']);
        $data['steps'] = array_fill(0, 10_000, $data['steps'][0]);
        $this->expectExceptionMessage('step-count {"most":200,"given":10000}');
        Fixture::templateReader()->read($data);
    }

    public function test_templates_that_include_each_other_are_refused(): void
    {
        $reader = Fixture::templateReader();
        $include = static fn (string $key, string $other): array => [
            ...Fixture::templateData()['halter-or-loop'], 'key' => $key,
            'steps' => [['include' => ['template' => $other, 'from' => 1, 'to' => 1]]],
        ];
        $this->expectExceptionMessage('includes-itself {"templates":["one","two","one"]}');
        TemplateCatalog::of([$reader->read($include('one', 'two')), $reader->read($include('two', 'one'))]);
    }

    #[TestWith(['no-such', 1, 'unknown-template {"template":"no-such"}'])]
    #[TestWith(['nails', 40, '"has":12,"asked":40'])]
    #[TestWith(['sounds', 1, 'other-kind'])]
    public function test_an_inclusion_of_what_is_not_there_is_refused(string $key, int $to, string $message): void
    {
        $own = [...Fixture::templateData()['halter-or-loop'], 'key' => 'own', 'steps' => [
            ['include' => ['template' => $key, 'from' => 1, 'to' => $to]],
        ]];
        $this->expectExceptionMessage($message);
        TemplateCatalog::of([...array_values(Fixture::templates()->templates), Fixture::templateReader()->read($own)]);
    }

    public function test_a_presence_template_needs_a_start_farther_than_its_goal(): void
    {
        $catalog = Fixture::templates();
        $this->expectException(InvalidExposure::class);
        (new TemplateLayout(Fixture::dimensions()))
            ->lay($catalog->steps($catalog->template('passing-on-cue')), null, Distance::fromMeters(3.0), Distance::fromMeters(30.0));
    }
}
