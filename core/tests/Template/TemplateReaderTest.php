<?php

declare(strict_types=1);

namespace Core\Tests\Template;

use Core\Exception\InvalidLadder;
use Core\Template\Inclusion;
use Core\Template\Template;
use Core\Template\TemplateReader;
use Core\Template\TemplateStep;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every field of a file: what is just taken, and what is just not. */
#[CoversClass(TemplateReader::class)]
#[CoversClass(Template::class)]
#[CoversClass(TemplateStep::class)]
#[CoversClass(Inclusion::class)]
final class TemplateReaderTest extends TestCase
{
    /**
     * @param  \Closure(mixed): array<mixed>  $file
     * @param  list<mixed>  $taken
     * @param  list<mixed>  $refused
     */
    #[DataProvider('fields')]
    public function test_a_field_is_taken_up_to_its_ends(\Closure $file, array $taken, array $refused, string $pointer): void
    {
        foreach ($taken as $value) {
            $read = Fixture::templateReader()->read($file($value));
            self::assertEquals($read, Fixture::templateReader()->read(Fixture::templateReader()->write($read)));
        }
        foreach ($refused as $value) {
            try {
                Fixture::templateReader()->read($file($value));
                self::fail('It was read: '.json_encode($value));
            } catch (InvalidLadder $problem) {
                self::assertSame($pointer, $problem->pointer);
            }
        }
    }

    /** @return iterable<string, array{\Closure(mixed): array<mixed>, list<mixed>, list<mixed>, string}> */
    public static function fields(): iterable
    {
        $nails = Fixture::templateData()['nails'];
        $distance = Fixture::templateData()['trigger-at-a-distance'];
        $steps = is_array($distance['steps']) ? array_values($distance['steps']) : [];
        $step = is_array($steps[0]) ? $steps[0] : [];
        $at = is_array($step['at']) ? $step['at'] : [];
        $first = is_array($nails['steps']) ? $nails['steps'][0] : null;
        $in = static fn (string $field): \Closure => static fn (mixed $value): array => [...$nails, $field => $value];
        $own = static fn (string $field): \Closure =>
            static fn (mixed $value): array => [...$distance, 'steps' => [[...$step, 'at' => [...$at, $field => $value]]]];
        $include = static fn (mixed $value): array => [
            ...$nails, 'steps' => [['include' => ['template' => 'x', 'from' => 1, 'to' => 1, ...(is_array($value) ? $value : [])]]],
        ];

        yield 'where on the way' => [$own('way'), [-0.5, 0, 0.4, 1, 1.0], [-0.51, 1.01, 'far', null], '/steps/0/at/way'];
        yield 'a distance of its own' => [
            static fn (mixed $meters): array => $own('distance')($meters), [], [20.0, 1], '/steps/0/at/distance',
        ];
        yield 'its name' => [$in('label'), ['', str_repeat('é', 120)], [str_repeat('é', 121)], '/label'];
        yield 'what it is about' => [$in('about'), [str_repeat('x', 600)], [str_repeat('x', 601)], '/about'];
        yield 'its key' => [$in('key'), ['a', str_repeat('a', 60)], ['', '-a', 'A', str_repeat('a', 61), 'a b'], '/key'];
        yield 'what it is ordered by' => [$in('orderBy'), ['body_area'], ['distance', 'nowhere'], '/orderBy'];
        yield 'its kind' => [$in('kind'), ['contact'], ['touching', null], '/kind'];
        yield 'its steps' => [
            static fn (mixed $count): array => [...$nails, 'steps' => array_fill(0, is_int($count) ? $count : 0, $first)],
            [1, 200], [0, 201], '/steps',
        ];
        yield 'a step' => [static fn (mixed $row): array => [...$nails, 'steps' => [$row]], [$first], ['stand', 7], '/steps/0'];
        yield 'steps of another' => [
            $include, [[], ['to' => 200], ['from' => 3, 'to' => 3]], [['from' => 0], ['from' => 3, 'to' => 2], ['to' => 201]],
            '/steps/0/include',
        ];
        yield 'from which step' => [$include, [], [['from' => '1'], ['from' => 1.5]], '/steps/0/include/from'];
        yield 'who does them' => [
            $include, [['who' => 'second_person'], ['with' => ['helper' => 'second']]], [['who' => 'nobody']], '/steps/0/include/who',
        ];
    }
}
