<?php

declare(strict_types=1);

namespace Cli;

use Core\Exception\CoreException;
use Words\Phrases;

/** bin/core: one JSON document in, one out; with --lines one a line, for long runs from other programs. */
final readonly class Program
{
    private const OK = 0;

    private const BAD_INPUT = 2;

    private const MAX_BYTES = 64_000_000;

    /** @param  array<string, Command>  $commands by name */
    private function __construct(private array $commands, private Schemas $schemas, private Phrases $phrases)
    {
    }

    /** @param  list<Command>  $commands */
    public static function with(array $commands, Schemas $schemas, Phrases $phrases): self
    {
        return new self(
            array_combine(array_map(static fn (Command $command): string => $command->name(), $commands), $commands), $schemas, $phrases,
        );
    }

    /**
     * @param  list<string>  $arguments  without the program's own name
     * @param  resource  $in
     * @param  resource  $out
     * @return int exit status: 0, or 2 if a document could not be answered
     */
    public function run(array $arguments, $in, $out): int
    {
        $isLines = in_array('--lines', $arguments, true);
        $names = array_values(array_filter($arguments, static fn (string $argument): bool => $argument !== '--lines'));
        $command = $this->commands[$names[0] ?? ''] ?? null;
        if ($command === null || count($names) !== 1) {
            fwrite($out, self::encode(['error' => [
                'pointer' => '', 'message' => 'Usage: bin/core '.implode('|', array_keys($this->commands)).' [--lines] < document.json',
            ]])."\n");

            return self::BAD_INPUT;
        }
        if (! $isLines) {
            $answer = $this->answer($command, (string) stream_get_contents($in, self::MAX_BYTES));
            fwrite($out, self::encode($answer, JSON_PRETTY_PRINT)."\n");

            return isset($answer['error']) ? self::BAD_INPUT : self::OK;
        }
        $status = self::OK;
        while (($line = fgets($in)) !== false) {
            if (trim($line) === '') {
                continue;
            }
            $answer = $this->answer($command, $line);
            $status = isset($answer['error']) ? self::BAD_INPUT : $status;
            fwrite($out, self::encode($answer)."\n");
        }

        return $status;
    }

    /** @return array<string, mixed> */
    private function answer(Command $command, string $text): array
    {
        try {
            $this->schemas->check($command->name(), json_decode($text, false, 64, JSON_THROW_ON_ERROR));
            $document = json_decode($text, true, 64, JSON_THROW_ON_ERROR);

            return $command->answer(is_array($document) ? $document : []);
        } catch (\JsonException $problem) {
            return self::error('', 'This is not JSON: '.$problem->getMessage().'.');
        } catch (InputProblem $problem) {
            return $problem->cause === null
                ? self::error($problem->pointer, $problem->getMessage())
                : $this->refused($problem->pointer, $problem->cause);
        } catch (CoreException $problem) {
            return $this->refused('', $problem);
        }
    }

    /** @return array{error: array<string, mixed>} what the core refused: its code and facts, with English beside them */
    private function refused(string $pointer, CoreException $problem): array
    {
        return ['error' => [
            'pointer' => $pointer, 'code' => $problem->error()->value, 'facts' => $problem->facts(),
            'message' => $this->phrases->error($problem),
        ]];
    }

    /** @return array{error: array{pointer: string, message: string}} */
    private static function error(string $pointer, string $message): array
    {
        return ['error' => ['pointer' => $pointer, 'message' => $message]];
    }

    /** @param  array<string, mixed>  $answer */
    private static function encode(array $answer, int $flags = 0): string
    {
        return json_encode(
            $answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | $flags,
        );
    }
}
