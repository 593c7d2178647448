<?php

declare(strict_types=1);

namespace Words\Tests;

use Core\Decision\Action;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\ToldExposure;
use Core\Exception\ErrorCode;
use Core\Exception\Quantity;
use Core\Exposure\DimensionChange;
use Core\Exposure\PlanKind;
use Core\Gear\GearCode;
use Core\Ladder\Progress;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Measure\Probability;
use Core\Sign\Band;
use Core\Sign\Outcome;
use Core\Tests\Fixture;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Words\Audience;
use Words\Facts;
use Words\Formats;
use Words\Lexicon;
use Words\Phrases;
use Words\Reader;
use Words\Units;

/** Codes and sentences held against each other, and numbers as people read them. */
#[CoversClass(Lexicon::class)]
#[CoversClass(Phrases::class)]
#[CoversClass(Formats::class)]
#[CoversClass(Facts::class)]
#[CoversClass(Reader::class)]
final class WordsTest extends TestCase
{
    /** @return iterable<string, array{ReasonCode}> */
    public static function reasons(): iterable
    {
        foreach (ReasonCode::cases() as $code) {
            yield $code->value => [$code];
        }
    }

    #[DataProvider('reasons')]
    public function test_a_reason_has_a_sentence_that_names_only_its_facts_and_leaves_none_unsaid_by_mistake(ReasonCode $code): void
    {
        self::assertArrayHasKey($code->value, self::lexicon()->below('reasons'));
        foreach (Audience::cases() as $audience) {
            $said = self::lexicon()->say("reasons.{$code->value}", array_fill_keys($code->facts(), 2), audience: $audience);
            self::assertNotSame("reasons.{$code->value}", $said);
            self::assertStringNotContainsString('{', $said, 'the sentence asks for a fact that the code does not have');
        }
    }

    /** A chance means little to somebody who does not set the caps. */
    public function test_guardians_are_told_what_to_do_and_no_odds(): void
    {
        foreach (ReasonCode::cases() as $code) {
            $facts = [...array_fill_keys($code->facts(), 2), ...array_intersect_key(
                array_fill_keys(['strain', 'strainCap', 'reaction', 'reactionCap', 'chance', 'cap'], 'about 1 in 80'),
                array_flip($code->facts()),
            )];
            self::assertDoesNotMatchRegularExpression(
                '/1 in 80|%|\bcap\b/', self::lexicon()->say("reasons.{$code->value}", $facts, audience: Audience::Guardian), $code->value,
            );
        }
    }

    public function test_no_sentence_stands_without_its_code(): void
    {
        $lexicon = self::lexicon();
        self::assertSame(array_column(ReasonCode::cases(), 'value'), array_keys($lexicon->below('reasons')));
        self::assertSame(array_column(ErrorCode::cases(), 'value'), array_keys($lexicon->below('errors')));
        self::assertSame(array_column(GearCode::cases(), 'value'), array_keys($lexicon->below('fit')));
        self::assertSame(array_column(Quantity::cases(), 'value'), array_keys($lexicon->below('quantities')));
        foreach ([
            'action' => Action::class, 'band' => Band::class, 'outcome' => Outcome::class, 'plan_kind' => PlanKind::class,
        ] as $name => $enum) {
            self::assertEqualsCanonicalizing(array_column($enum::cases(), 'value'), array_keys($lexicon->below("labels.{$name}")), $name);
        }
    }

    public function test_every_dimension_sign_method_and_step_that_ships_has_its_words_and_none_is_left_over(): void
    {
        $lexicon = self::lexicon();
        foreach (Fixture::catalogs() as $plan => $catalog) {
            $words = $lexicon->below("dimensions.{$plan}");
            self::assertSame(array_keys($catalog->dimensions), array_keys($words), $plan);
            foreach ($catalog->dimensions as $key => $dimension) {
                self::assertSame(
                    array_column($dimension->values, 'key'), array_keys($lexicon->below("dimensions.{$plan}.{$key}.values")),
                    "{$plan} {$key}",
                );
            }
        }
        self::assertSame(
            array_map(static fn (string $code): string => str_replace('.', '_', $code), array_keys(Fixture::signs()->signs)),
            array_keys($lexicon->below('signs.signs')),
        );
        self::assertSame(Fixture::signs()->confounds, array_keys($lexicon->below('signs.confounds')));
        $methods = Fixture::methods();
        self::assertSame(array_keys($methods->methods), array_keys($lexicon->below('methods.methods')));
        self::assertSame(array_keys($methods->skills), array_keys($lexicon->below('methods.skills')));
        foreach ($methods->choices as $key => $choice) {
            self::assertSame($choice->options, array_keys($lexicon->below("methods.choices.{$key}.options")), $key);
        }
        foreach (Fixture::templateData() as $key => $data) {
            $own = array_keys(array_filter(is_array($data['steps']) ? $data['steps'] : [], static fn (mixed $step): bool => is_array(
                $step,
            ) && ! isset($step['include'])));
            self::assertSame(
                array_map(static fn (int|string $i): int => (int) $i + 1, $own), array_keys($lexicon->below("templates.{$key}.steps")),
                $key,
            );
            self::assertNotSame('', $lexicon->say("templates.{$key}.label"));
        }
    }

    public function test_a_reason_is_said_in_the_readers_units_and_read_back_as_it_was_stored(): void
    {
        $reason = Reason::of(
            ReasonCode::Risk, at: new ToldExposure(Fixture::at(18.288, 'slow_walk')), strain: Probability::of(0.0125),
            strainCap: Probability::of(0.05),
            reaction: Probability::of(0.0004), reactionCap: Probability::of(0.01), binding: 'strain', room: 'plenty',
        );
        $yards = new Phrases(self::lexicon(), new Reader(units: new Units(DistanceUnit::Yard)));

        self::assertSame(
            "At 20\u{00A0}yd, slow walk: struggling or worse about 1 in 80 at most, reacting less than 1 in 1,000 at most. Plenty of "
                .'room under your cap.',
            $yards->reason($reason, Fixture::dimensions()),
        );
        $stored = json_decode((string) json_encode(['code' => $reason->code->value, 'facts' => Facts::toArray($reason->facts)]), true);
        self::assertEquals($reason, Facts::reason(is_array($stored) ? $stored : [], Fixture::dimensions()));
        self::assertNull(Facts::reason(['code' => 'risk', 'facts' => []], Fixture::dimensions()), 'an older version said it otherwise');
    }

    public function test_facts_of_every_sort_come_back_from_json(): void
    {
        foreach ([
            Reason::of(ReasonCode::ChangeFirst, change: new DimensionChange(PlanKind::Contact, 'side', 'right')),
            Reason::of(
                ReasonCode::Run, progress: new Progress(3, 5, null, false), plan: 'presence',
            ),
            Reason::of(ReasonCode::CalmThere, at: new ToldExposure(Fixture::at(20.0), ['trigger_motion'])),
            Reason::of(ReasonCode::TwoAtOnce, dimensions: ['distance', 'trigger_motion']),
            Reason::of(ReasonCode::StartBack, back: 1, days: 0, hard: true),
        ] as $reason) {
            $catalog = $reason->code === ReasonCode::ChangeFirst ? Fixture::catalogs()['contact'] : Fixture::dimensions();
            $stored = json_decode((string) json_encode(['code' => $reason->code->value, 'facts' => Facts::toArray($reason->facts)]), true);
            self::assertEquals($reason, Facts::reason(is_array($stored) ? $stored : [], $catalog));
        }
    }

    #[TestWith([1, 0, 'A step easier than where it was solid last time.'])]
    #[TestWith([3, 8, '3 steps easier than where it was solid last time; it has been 8 days.'])]
    public function test_the_start_is_told_as_a_trainer_would(int $back, int $days, string $sentence): void
    {
        self::assertSame($sentence, (new Phrases(self::lexicon(), new Reader))->reason(
            Reason::of(ReasonCode::StartBack, back: $back, days: $days, hard: false), Fixture::dimensions(),
        ));
    }

    /** @return iterable<string, array{string, string}> */
    public static function formats(): iterable
    {
        $metric = new Formats(self::lexicon(), new Reader(zone: 'America/New_York', units: new Units(isClock24: true)));
        $ours = new Formats(self::lexicon(), new Reader(zone: 'America/New_York', units: new Units(DistanceUnit::Foot, true)));
        $at = new \DateTimeImmutable('2026-11-28 23:05:00 UTC');
        yield 'an eye judges half meters when near' => ["4.5\u{00A0}m", $metric->distance(Distance::fromMeters(4.52))];
        yield 'and whole ones when far' => ["100\u{00A0}m", $metric->distance(Distance::fromMeters(100.0))];
        yield 'feet are whole' => ["5\u{00A0}ft", $ours->distance(Distance::fromMeters(1.524))];
        yield 'centimeters' => ["20\u{00A0}cm", $metric->centimeters(20.0)];
        yield 'inches' => ["7.9\u{00A0}in", $ours->centimeters(20.0)];
        yield 'pounds' => ["55.1\u{00A0}lb", $ours->kilograms(25.0)];
        yield 'ounces' => ["0.03\u{00A0}oz", $ours->grams(0.8)];
        yield 'miles per hour' => ["3.1\u{00A0}mph", $ours->speed(1.4)];
        yield 'meters per second' => ["1.4\u{00A0}m/s", $metric->speed(1.4)];
        yield 'a 24-hour clock in the reader\'s zone' => ['18:05', $metric->time($at)];
        yield 'a 12-hour clock' => ["6:05\u{00A0}PM", $ours->time($at)];
        yield 'a date' => ['November 28, 2026', $metric->date($at)];
        yield 'one in eighty' => ['about 1 in 80', $metric->chance(Probability::of(0.0125))];
        yield 'two digits of it' => ['about 1 in 360', $metric->chance(Probability::of(0.00277))];
        yield 'hardly ever' => ['less than 1 in 1,000', $metric->chance(Probability::of(0.0009))];
        yield 'just not hardly ever' => ['about 1 in 1,000', $metric->chance(Probability::of(0.001))];
        yield 'more often than not' => ['about 6 in 10', $metric->chance(Probability::of(0.6))];
    }

    #[DataProvider('formats')]
    public function test_a_number_is_told_as_people_read_it(string $expected, string $said): void
    {
        self::assertSame($expected, $said);
    }

    public function test_the_pseudo_language_wraps_and_lengthens_whatever_is_said(): void
    {
        $said = (new Phrases(self::lexicon(), new Reader(Lexicon::PSEUDO)))->label(Band::Easy);

        self::assertSame('⟦easy··⟧', $said);
    }

    public function test_a_reader_travels_in_an_address(): void
    {
        $reader = new Reader('es', new Units(DistanceUnit::Yard, true, true), 'Europe/Madrid', \Words\Audience::Guardian);

        self::assertEquals($reader, Reader::fromText($reader->toText()));
        self::assertEquals(new Reader, Reader::fromText('../..,league,,,'));
    }

    private static function lexicon(): Lexicon
    {
        return new Lexicon(dirname(__DIR__, 2).'/lang');
    }
}
