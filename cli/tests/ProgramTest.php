<?php

declare(strict_types=1);

namespace Cli\Tests;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** bin/core as another program meets it: through its streams and exit status. */
#[CoversNothing]
final class ProgramTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> command, input, output as documented */
    public static function examples(): iterable
    {
        $text = (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats.md');
        preg_match_all('/```json input ([\w-]+)\n(.*?)\n```\n\n```json output \1\n(.*?)\n```/s', $text, $found, PREG_SET_ORDER);
        foreach ($found as $example) {
            yield $example[1] => [$example[1], $example[2], $example[3]];
        }
    }

    #[DataProvider('examples')]
    public function test_the_documented_example_gives_the_documented_answer(string $command, string $input, string $output): void
    {
        [$status, $answer] = $this->core([$command], $input);

        self::assertSame(0, $status);
        // the last digits of a floating-point number may differ from one processor to another
        self::assertEqualsWithDelta(json_decode($output, true), json_decode($answer, true), 1e-9);
    }

    public function test_every_documented_example_is_found(): void
    {
        self::assertSame(
            ['grade', 'rule', 'kappa', 'warmup', 'advise', 'fit', 'limit', 'risk', 'ladder', 'split', 'pass', 'sound', 'food', 'fit-check'],
            array_keys(iterator_to_array(self::examples())),
        );
    }

    /** @return iterable<string, array{string, string, string, string}> command, input, pointer, part of the message */
    public static function wrong(): iterable
    {
        $advise = static fn (string $step, string $trial = ''): string =>
            '{"intake": {"reactionMeters": 8}, "plan": {"steps": [{"exposure": '
            .$step.'}]}, "today": {"startedAt": "2026-11-20T10:00:00Z", "trials": ['.$trial.']}}';
        yield 'not JSON' => ['advise', '{', '', 'not JSON'];
        yield 'not an object' => ['advise', '[]', '', 'object'];
        yield 'a field is missing' => ['rule', '{"run": 5, "trials": 20}', '', 'rates'];
        yield 'a negative distance' => ['advise', $advise('{"distance": -5}'), '/plan/steps/0/exposure/distance', 'greater than 0'];
        yield 'an unknown dimension' => ['advise', $advise('{"distance": 50, "temperature": 3}'), '/plan/steps/0/exposure', 'temperature'];
        yield 'an unknown value' => [
            'advise', $advise('{"distance": 50, "trigger_motion": "levitating"}'), '/plan/steps/0/exposure', 'levitating',
        ];
        yield 'an unknown outcome' => [
            'advise', $advise('{"distance": 50}', '{"exposure": {"distance": 50}, "outcome": "flew", "band": 0}'),
            '/today/trials/0/outcome', 'enum',
        ];
        yield 'a step off the ladder' => [
            'advise',
            $advise('{"distance": 50}', '{"exposure": {"distance": 50}, "target": {"step": 7}, "outcome": "returned", "band": 0}'),
            '/today/trials/0/target/step', 'no step 7',
        ];
        yield 'a time that is none' => [
            'advise', str_replace('2026-11-20', '2026-19-45', $advise('{"distance": 50}')), '/today/startedAt', 'not a time',
        ];
        yield 'an order that is none' => [
            'advise', str_replace('"reactionMeters": 8', '"orders": {"barrier": ["open", "gap"]}', $advise('{"distance": 50}')),
            '/intake/orders', 'easiest first',
        ];
        yield 'a window that is too short' => ['rule', '{"run": 5, "window": 3, "trials": 20, "rates": [0.5]}', '/window', '1 and 3'];
        yield 'an unknown sign' => ['grade', '{"signs": ["tail.helicopter"]}', '/signs', 'tail.helicopter'];
        yield 'an unknown family' => ['simulate', '{"family": "wolves", "seed": 1}', '/family', 'no such family'];
        yield 'a gap behind the path' => [
            'pass', '{"gap": {"width": 3, "depth": 25, "distance": 20, "speed": 1.4}}', '/gap', 'between the dog and the path',
        ];
        yield 'zero speed' => ['pass', '{"gap": {"width": 3, "depth": 5, "distance": 20, "speed": 0}}', '/gap', 'speed of the trigger'];
        yield 'a ceiling that was not confirmed' => ['sound', '{"ceiling": {"level": 72}}', '/ceiling', 'unless confirmed'];
        yield 'a ceiling that is never set' => ['sound', '{"ceiling": {"level": 81, "confirmed": true}}', '/ceiling', 'between 30 and 80'];
        yield 'no food' => [
            'food', '{"kilograms": 20, "stage": "adult", "trials": 40, "pieceGrams": 0, "pieceKcal": 3, "mealKcal": 3.6}', '',
            'weight of a piece',
        ];
        yield 'a stage of life that is none' => [
            'food', '{"kilograms": 20, "stage": "ghost", "trials": 40, "pieceGrams": 1, "pieceKcal": 3, "mealKcal": 3.6}', '/stage',
            'adult',
        ];
        yield 'a dimension that both ends do not say' => [
            'ladder',
            '{"intake": {}, "plan": {"steps": [{"exposure": {"distance": 60}}]}, "today": {"startedAt": "2026-11-20T10:00:00Z",'
                .' "trials": []}, "from": {"distance": 60}, "to": {"distance": 10}, "moving": ["barrier"]}',
            '/moving', 'barrier',
        ];
        yield 'an unknown command' => ['sing', '{}', '', 'Usage'];
    }

    #[DataProvider('wrong')]
    public function test_bad_input_gives_status_2_and_points_at_the_field(
        string $command, string $input, string $pointer, string $message,
    ): void {
        [$status, $answer, $errors] = $this->core([$command], $input);
        $error = json_decode($answer, true);

        self::assertSame(2, $status);
        self::assertIsArray($error);
        self::assertIsArray($error['error']);
        self::assertSame($pointer, $error['error']['pointer']);
        self::assertIsString($error['error']['message']);
        self::assertStringContainsString($message, $error['error']['message']);
        self::assertSame('', $errors, 'never a message of PHP');
    }

    public function test_lines_are_answered_one_by_one_and_one_bad_line_stops_no_other(): void
    {
        [$status, $answer] = $this->core(['grade', '--lines'], "{\"signs\": [\"growl\"]}\nnonsense\n\n{\"signs\": []}\n");
        $lines = array_map(static fn (string $line): mixed => json_decode($line, true), explode("\n", trim($answer)));

        self::assertSame(2, $status);
        self::assertCount(3, $lines);
        self::assertSame([4, null, 0], [
            is_array($lines[0]) ? $lines[0]['band'] : '', is_array($lines[1]) ? ($lines[1]['band'] ?? null) : '',
            is_array($lines[2]) ? $lines[2]['band'] : '',
        ]);
    }

    public function test_a_history_that_was_read_once_gives_the_same_advice_and_another_one_its_own(): void
    {
        $session = static fn (string $day, int ...$bands): array => [
            'startedAt' => "{$day}T10:00:00Z", 'trials' => array_map(static fn (int $band): array => [
                'exposure' => ['distance' => 30], 'outcome' => $band > 2 ? 'not_returned' : 'returned', 'band' => $band,
            ], array_values($bands)),
        ];
        $long = array_map(static fn (int $day): array => $session(sprintf('2026-11-%02d', $day), 0, 1, $day % 4, 0, 2), range(1, 12));
        $document = static fn (array $sessions, int ...$today): string => (string) json_encode([
            'intake' => ['reactionMeters' => 8], 'plan' => ['steps' => array_map(
                static fn (int $meters): array => ['exposure' => ['distance' => $meters]], [60, 45, 30, 20, 12],
            )], 'sessions' => $sessions, 'today' => $session('2026-11-20', ...$today),
        ]);
        $documents = [
            $document($long, 0), $document($long, 0, 0), $document([$session('2026-11-12', 3, 3, 4)], 0, 0), $document($long, 0, 0, 3),
            // a history that is wrong is told, whatever was right before it
            str_replace('"band":2', '"band":9', $document($long, 0)), $document($long, 0, 0, 3),
        ];
        $single = array_map(fn (string $one): mixed => json_decode($this->core(['advise'], $one)[1], true), $documents);
        $lines = array_map(
            static fn (string $line): mixed => json_decode($line, true),
            explode("\n", trim($this->core(['advise', '--lines'], implode("\n", $documents))[1])),
        );

        self::assertSame($single, $lines);
        self::assertNotSame($lines[1], $lines[2]);
        self::assertIsArray($lines[4]);
        self::assertSame('/sessions/0/trials/4/band', is_array($lines[4]['error'] ?? null) ? $lines[4]['error']['pointer'] : '');
    }

    public function test_a_simulation_repeats_itself_and_compares_every_policy_on_the_same_dogs(): void
    {
        $document = '{"family": "as_the_model", "seed": 5, "dogs": 3, "sessions": 4}';
        [, $first] = $this->core(['compare'], $document);
        [, $again] = $this->core(['compare'], $document);
        $compared = json_decode($first, true);

        self::assertSame($first, $again);
        self::assertIsArray($compared);
        self::assertIsArray($compared['policies']);
        self::assertSame(
            ['hand_085_from_4x', 'hand_080_from_6x', 'hand_090_from_8x', 'engine', 'engine_knowing', 'acquainted', 'oracle'],
            array_column($compared['policies'], 'policy'),
        );
    }

    /**
     * Loads of a care plan are counted from what the dog is known to react to: there it is as likely as not to react, and less so for all
     * that is easier.
     */
    public function test_a_care_plan_counts_from_what_the_dog_reacts_to(): void
    {
        $at = static fn (string $contact): array => ['contact' => $contact, 'gap' => 0, 'body_area' => 'front_paw'];
        $situation = [
            'intake' => ['reactsTo' => $at('hold')],
            'plan' => ['kind' => 'contact', 'steps' => [['exposure' => $at('touch'), 'run' => 4], ['exposure' => $at('hold'), 'run' => 4]]],
            'sessions' => [], 'today' => ['startedAt' => '2026-11-20T10:00:00Z', 'trials' => []],
            'exposures' => [$at('touch'), $at('hold'), $at('lift')],
        ];
        [$status, $answer] = $this->core(['risk'], (string) json_encode($situation));
        $risks = json_decode($answer, true);

        self::assertSame(0, $status, $answer);
        self::assertIsArray($risks);
        $reactions = array_map(
            static fn (mixed $row): float =>
                is_array($row) && is_array($row['typical'] ?? null) && is_numeric($row['typical']['reactionMean'] ?? null)
                ? (float) $row['typical']['reactionMean']
                : NAN,
            is_array($risks['risks'] ?? null) ? $risks['risks'] : [],
        );
        self::assertEqualsWithDelta(0.5, $reactions[1], 0.02);
        self::assertLessThan($reactions[1], $reactions[0]);
        self::assertGreaterThan($reactions[1], $reactions[2]);
    }

    /**
     * @param  list<string>  $arguments
     * @return array{int, string, string} exit status, standard output, standard error
     */
    private function core(array $arguments, string $input): array
    {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2).'/bin/core', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $output = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $output, $errors];
    }
}
