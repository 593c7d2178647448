<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Import\Cells;
use App\Import\Choices;
use App\Import\Matching;
use Core\Measure\DistanceUnit;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Dates, times and numbers as people type them into spreadsheets. */
#[CoversClass(Cells::class)]
final class CellsTest extends TestCase
{
    use RefreshDatabase;

    #[TestWith(['2025-03-14', '2025-03-14'])]
    #[TestWith(['2025/3/4', '2025-03-04'])]
    #[TestWith(['14.3.2025', '2025-03-14'])]
    #[TestWith(['4/3/25', '2025-03-04'])]
    #[TestWith(['3/4/2025', '2025-03-04', 'mdy'])]
    #[TestWith(['14 March 2025', '2025-03-14'])]
    #[TestWith(['Fri., 14. Mar 2025', '2025-03-14'])]
    #[TestWith(['march 14, 2025', '2025-03-14'])]
    #[TestWith(['Friday, Mar. 14 2025', '2025-03-14'])]
    #[TestWith(['31 Dec 2025', '2025-12-31'])]
    #[TestWith(['1 Jan 2025', '2025-01-01'])]
    #[TestWith(['2000-01-01', '2000-01-01'])]
    #[TestWith(['1999-12-31', 'too_old'])]
    #[TestWith(['31/2/2025', 'no_date'])]
    #[TestWith(['3/14/2025', 'no_date'])]
    #[TestWith(['14 Foo 2025', 'no_date'])]
    #[TestWith(['soon', 'no_date'])]
    #[TestWith(['', 'missing'])]
    #[TestWith(['2026-11-30', '2026-11-30'])]
    #[TestWith(['2026-12-01', 'not_yet'])]
    public function test_a_day(string $typed, string $told, string $order = 'dmy'): void
    {
        $cells = $this->cells(['date' => $typed], $order);
        $moment = $cells->moment(new \DateTimeZone('America/New_York'), new \DateTimeImmutable('2026-11-30 19:00 UTC'));

        self::assertSame([$told, false], $moment === null
            ? [$cells->problems()[0]['problem'], false]
            : [$moment[0]->format('Y-m-d'), $moment[1]]);
        self::assertSame('12:00', $moment === null ? '12:00' : $moment[0]->format('H:i'), 'noon where no time is told');
    }

    #[TestWith(['9:30', '09:30:00'])]
    #[TestWith(['9.30', '09:30:00'])]
    #[TestWith(['9h05', '09:05:00'])]
    #[TestWith(['9 am', '09:00:00'])]
    #[TestWith(['9:30 p.m.', '21:30:00'])]
    #[TestWith(['12:05 am', '00:05:00'])]
    #[TestWith(['12:05 PM', '12:05:00'])]
    #[TestWith(['1 pm', '13:00:00'])]
    #[TestWith(['23:59:59', '23:59:59'])]
    #[TestWith(['2025-03-14T07:08:09', '07:08:09'])]
    #[TestWith(['0 am', 'no_time'])]
    #[TestWith(['13 pm', 'no_time'])]
    #[TestWith(['24:00', 'no_time'])]
    #[TestWith(['23:60', 'no_time'])]
    #[TestWith(['9:30:60', 'no_time'])]
    #[TestWith(['noon', 'no_time'])]
    #[TestWith(['', '15:20:00', '2025-03-14 15:20'])]
    #[TestWith(['', '15:20:01', '2025-03-14T15:20:01'])]
    #[TestWith(['14:00', '14:00:00', '2026-11-30'])]
    #[TestWith(['14:01', 'not_yet', '2026-11-30'])]
    public function test_a_time(string $typed, string $told, string $day = '2025-03-14'): void
    {
        $cells = $this->cells(['date' => $day, 'time' => $typed]);
        $moment = $cells->moment(new \DateTimeZone('America/New_York'), new \DateTimeImmutable('2026-11-30 19:00 UTC'));

        self::assertSame($told, $moment === null ? $cells->problems()[0]['problem'] : $moment[0]->format('H:i:s'));
        self::assertTrue($moment[1] ?? true);
    }

    #[TestWith(['12,5', 12.5])]
    #[TestWith(['12.5 yd', 12.5])]
    #[TestWith(["12\u{00A0}kg.", 12.0])]
    #[TestWith(['1,250.5', 1250.5])]
    #[TestWith(['1', 1.0])]
    #[TestWith(['0.9', 'out_of_range'])]
    #[TestWith(['2000', 2000.0])]
    #[TestWith(['2000.1', 'out_of_range'])]
    #[TestWith(['near', 'no_number'])]
    #[TestWith(['', 'missing'])]
    public function test_a_number(string $typed, float|string $told): void
    {
        $cells = $this->cells(['weight' => $typed]);
        $read = $cells->number('weight', 1.0, 2000.0, true);

        self::assertSame($told, $read ?? $cells->problems()[0]['problem']);
        self::assertSame($read === null ? [$typed] : [], array_column($cells->problems(), 'text'));
    }

    public function test_what_is_not_needed_may_be_empty_and_a_formula_is_a_text(): void
    {
        $cells = $this->cells(['weight' => '', 'food' => '', 'note' => "'=1+1", 'distance' => "it's"]);

        self::assertNull($cells->number('weight', 1.0, 2.0, false));
        self::assertNull($cells->key('food', false));
        self::assertSame(['=1+1', "it's"], [$cells->text('note'), $cells->text('distance')]);
        self::assertSame([], $cells->problems());
        self::assertNull($cells->key('food', true));
        self::assertSame([['field' => 'food', 'problem' => 'missing', 'text' => '']], $cells->problems());
    }

    public function test_a_word_means_what_it_was_matched_to_else_what_it_says(): void
    {
        $read = fn (string $text, array $matched, bool $isNeeded = true): array => [
            ($cells = $this->cells(['food' => $text], values: ['food' => $matched]))->key('food', $isNeeded),
            array_column($cells->problems(), 'problem'),
        ];

        self::assertSame(['gently', []], $read('Ate', []));
        self::assertSame(['refused', []], $read('Ate', ['ate' => 'refused']));
        self::assertSame([null, ['left_out']], $read('Ate', ['ate' => '']));
        self::assertSame([null, []], $read('Ate', ['ate' => ''], false), 'the row can do without');
        self::assertSame([null, ['unknown']], $read('Ate', ['ate' => 'swallowed whole']));
        self::assertSame([null, ['unknown']], $read('pie', []));
    }

    /**
     * @param  array<string, string>  $typed  by field
     * @param  array<string, array<string, string>>  $values
     */
    private function cells(array $typed, string $order = 'dmy', array $values = []): Cells
    {
        return new Cells(
            array_values($typed), new Matching(array_flip(array_keys($typed)), DistanceUnit::Meter, 'kg', $order, $values),
            Choices::of(World::make()->trainer),
        );
    }
}
