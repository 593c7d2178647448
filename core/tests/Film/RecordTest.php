<?php

declare(strict_types=1);

namespace Core\Tests\Film;

use Core\Film\FilmMeasures;
use Core\Film\FilmTrial;
use Core\Film\Happening;
use Core\Film\HappeningAt;
use Core\Film\Part;
use Core\Film\Record;
use Core\Film\RecordProblem;
use Core\Film\Spell;
use Core\Film\StateFrom;
use Core\Film\UnreadableRecord;
use Core\Film\WebVtt;
use Core\Sign\Band;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A minute of film, told as data. */
#[CoversClass(Record::class)]
#[CoversClass(WebVtt::class)]
#[CoversClass(FilmMeasures::class)]
final class RecordTest extends TestCase
{
    private const MINUTE = [
        'length' => 60_000,
        'states' => [
            ['part' => 'gaze', 'state' => 'trigger', 'at' => 5000], ['part' => 'gaze', 'state' => 'handler', 'at' => 8000],
            ['part' => 'gaze', 'state' => 'trigger', 'at' => 20_000], ['part' => 'gaze', 'state' => 'away', 'at' => 30_000],
            ['part' => 'brow', 'state' => 'smooth', 'at' => 0], ['part' => 'brow', 'state' => 'wrinkled', 'at' => 22_000],
            ['part' => 'brow', 'state' => 'smooth', 'at' => 32_000], ['part' => 'ears', 'state' => 'forward', 'at' => 24_500],
            ['part' => 'ears', 'state' => 'back', 'at' => 28_000], ['part' => 'leash', 'state' => 'slack', 'at' => 10_000],
            ['part' => 'leash', 'state' => 'tight', 'at' => 50_000],
        ],
        'happenings' => [
            ['what' => 'startle', 'at' => 19_000], ['what' => 'look_back', 'at' => 31_000], ['what' => 'startle', 'at' => 59_000],
            ['what' => 'mark', 'at' => 5400], ['what' => 'food', 'at' => 7000], ['what' => 'mark', 'at' => 23_000],
            ['what' => 'unanswered', 'at' => 24_000], ['what' => 'mark', 'at' => 34_000], ['what' => 'mark', 'at' => 45_000],
        ],
        'trials' => [['from' => 19_000, 'until' => 33_000, 'band' => 3], ['from' => 4000, 'until' => 9000, 'band' => 1]],
    ];

    public function test_what_a_minute_of_film_says(): void
    {
        $measures = FilmMeasures::of(Record::fromArray(self::MINUTE));

        self::assertSame([1.0, 1.0], [$measures->lookBacks, $measures->food]);
        self::assertSame(['trigger' => ['count' => 2, 'longest' => 10.0, 'median' => 6.5]], $measures->stares);
        self::assertSame([4, 3], [$measures->marks, $measures->answered]);
        self::assertSame(3.5, $measures->loading);
        // from the startle at 19 to the look back at 31; nothing after that at 59
        self::assertSame([[12.0], 1], [$measures->recoveries, $measures->unrecovered]);
        self::assertSame(0.2, $measures->tight);
        // of the look at 5, of the look at 20 (just within), of the look back at 31 (just within); nothing within three seconds of 45
        self::assertSame([3.0, 3], [$measures->markOffsets?->median, $measures->markOffsets?->values]);
    }

    public function test_what_a_film_does_not_show_is_not_told(): void
    {
        $measures = FilmMeasures::of(Record::of(30_000, [new StateFrom(Part::Brow, 'wrinkled', 0)], [], []));

        self::assertNull($measures->loading);
        self::assertNull($measures->tight);
        self::assertNull($measures->markOffsets);
        self::assertSame([], $measures->stares);
        self::assertSame(2.0, FilmMeasures::of(Record::of(30_000, [], [new HappeningAt(Happening::LookBack, 1)], []))->lookBacks);
    }

    public function test_a_state_lasts_until_another_is_told(): void
    {
        $record = Record::of(9000, [
            new StateFrom(Part::Ears, 'back', 6000), new StateFrom(Part::Ears, 'forward', 1000), new StateFrom(Part::Ears, 'forward', 2000),
            new StateFrom(Part::Ears, 'neutral', 6000), new StateFrom(Part::Brow, 'smooth', 3000),
        ], [], []);

        self::assertEquals([new Spell('forward', 1000, 6000), new Spell('neutral', 6000, 9000)], $record->spells(Part::Ears));
        self::assertSame([], $record->spells(Part::Mat));
        // told at the very end, it lasts for nothing
        self::assertSame([], Record::of(9000, [new StateFrom(Part::Ears, 'back', 9000)], [], [])->spells(Part::Ears));
    }

    public function test_as_data_and_as_timed_text_it_comes_back_as_it_was(): void
    {
        $record = Record::fromArray(self::MINUTE);

        self::assertEquals($record, Record::fromArray($record->toArray()));
        self::assertEquals($record, WebVtt::read(WebVtt::write($record), 1));
        self::assertStringContainsString("\n00:00:24.500 --> 00:00:28.000\nears: forward\n", WebVtt::write($record));
        $long = WebVtt::read("WEBVTT\n\n01:02:03.004 --> 01:02:04.000\nmark\n", 4_000_000);
        self::assertSame([3_723_004], $long->times(Happening::Mark));
        // as other programs write it: a mark of byte order, no hours, their settings, names of cues, their line ends
        $text = "\u{FEFF}WEBVTT - mine\r\n\r\nSTYLE\r\n::cue { color: red }\r\n\r\n1\r\n"
            ."00:01.250 --> 00:02.000 align:start\r\ntrial: 4\r\n\r\nmark\r\n";
        self::assertEquals(Record::of(5000, [], [], [new FilmTrial(1250, 2000, Band::Over)]), WebVtt::read($text, 5000));
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrong')]
    public function test_what_is_no_record_is_told_with_its_row(array $change, RecordProblem $problem, int $row): void
    {
        try {
            Record::fromArray([...self::MINUTE, ...$change]);
            self::fail('It was read.');
        } catch (UnreadableRecord $e) {
            self::assertSame([$problem, $row], [$e->problem, $e->row]);
            self::assertStringStartsWith("{$problem->value} {$row}", $e->getMessage());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, RecordProblem, int}> */
    public static function wrong(): iterable
    {
        $trial = static fn (int $from, int $until, mixed $band = 0): array => ['from' => $from, 'until' => $until, 'band' => $band];
        yield 'no length' => [['length' => 0], RecordProblem::Length, 0];
        yield 'longer than four hours' => [['length' => 14_400_001], RecordProblem::Length, 0];
        yield 'no list' => [['states' => 'ears'], RecordProblem::Unreadable, 0];
        yield 'a part nobody has' => [['states' => [['part' => 'wings', 'state' => 'out', 'at' => 1]]], RecordProblem::UnknownPart, 1];
        yield 'a state of another part' => [['states' => [
            ['part' => 'ears', 'state' => 'back', 'at' => 1], ['part' => 'ears', 'state' => 'tight', 'at' => 2],
        ]], RecordProblem::UnknownState, 2];
        yield 'a state after the end' => [
            ['states' => [['part' => 'ears', 'state' => 'back', 'at' => 60_001]]], RecordProblem::OutsideFilm, 1,
        ];
        yield 'a moment after the end' => [['happenings' => [['what' => 'mark', 'at' => 60_001]]], RecordProblem::OutsideFilm, 1];
        yield 'a moment before the start' => [['happenings' => [['what' => 'mark', 'at' => -1]]], RecordProblem::OutsideFilm, 1];
        yield 'no moment' => [['happenings' => [['what' => 'mark']]], RecordProblem::OutsideFilm, 1];
        yield 'what does not happen' => [['happenings' => [['what' => 'moon', 'at' => 1]]], RecordProblem::UnknownHappening, 1];
        yield 'a band too many' => [['trials' => [$trial(0, 1, 5)]], RecordProblem::UnknownBand, 1];
        yield 'a band in words' => [['trials' => [$trial(0, 1, 'easy')]], RecordProblem::UnknownBand, 1];
        yield 'a trial of no time' => [['trials' => [$trial(0, 1), $trial(7, 7)]], RecordProblem::EndsBeforeItBegins, 2];
        yield 'trials over each other' => [['trials' => [$trial(0, 10), $trial(9, 20)]], RecordProblem::TrialsOverlap, 2];
        yield 'more than fits' => [
            ['happenings' => array_fill(0, 4988, ['what' => 'mark', 'at' => 1])], RecordProblem::TooMany, 0,
        ];
    }

    public function test_what_just_fits_is_read(): void
    {
        $record = Record::fromArray([
            'length' => 14_400_000, 'happenings' => array_fill(0, 4998, ['what' => 'mark', 'at' => 14_400_000]),
            'trials' => [['from' => 0, 'until' => 10, 'band' => 4], ['from' => 10, 'until' => 11, 'band' => 0]],
        ]);

        self::assertCount(4998, $record->happenings);
    }

    #[DataProvider('wrongLines')]
    public function test_a_wrong_line_is_told(string $text, RecordProblem $problem, int $line): void
    {
        try {
            WebVtt::read($text, 9000);
            self::fail('It was read.');
        } catch (UnreadableRecord $e) {
            self::assertSame([$problem, $line], [$e->problem, $e->row]);
        }
    }

    /** @return iterable<string, array{string, RecordProblem, int}> */
    public static function wrongLines(): iterable
    {
        $cue = "WEBVTT\n\n00:01.000 --> 00:02.000\n";
        yield 'something else' => ["1\n00:00:01,000 --> 00:00:02,000\nmark", RecordProblem::Unreadable, 1];
        yield 'times as elsewhere' => ["WEBVTT\n\n00:00:01,000 --> 00:00:02,000\nmark", RecordProblem::Unreadable, 3];
        yield 'a minute of sixty seconds' => ["WEBVTT\n\n00:60.000 --> 01:02.000\nmark", RecordProblem::Unreadable, 3];
        yield 'words' => ["{$cue}Look at that!", RecordProblem::UnknownHappening, 4];
        yield 'a part nobody has' => ["{$cue}wings: out", RecordProblem::UnknownPart, 4];
        yield 'a state nobody has' => ["{$cue}ears: pink", RecordProblem::UnknownState, 4];
        yield 'a trial without a band' => ["{$cue}trial", RecordProblem::UnknownBand, 4];
        yield 'a band in words' => ["{$cue}trial: easy", RecordProblem::UnknownBand, 4];
    }
}
