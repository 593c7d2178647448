<?php

declare(strict_types=1);

namespace Core\Decision;

/**
 * What a test showed, made from easy to hard and stopped at the first doubt: was the dog fine there, by both questions (it took the food
 * gently, and did what was asked at the first asking)?
 */
final readonly class Tested
{
    /**
     * @param  ?Level  $passed  the hardest that passed both questions below the first doubt; null where none did
     * @param  ?Level  $farthest  the easiest that passed, under the same doubt
     * @param  ?Level  $doubt  the easiest at which one of them failed, or which was noticed with food taken hard
     */
    private function __construct(public ?Level $passed, private ?Level $farthest, public ?Level $doubt)
    {
    }

    /**
     * @param  list<array{level: Level, passed: bool}>  $tests  in any order
     * @return ?self null without a test
     */
    public static function of(array $tests): ?self
    {
        usort($tests, static fn (array $a, array $b): int => [
            $a['level']->step, $a['level']->beyond,
        ] <=> [$b['level']->step, $b['level']->beyond]);
        $passed = $farthest = null;
        foreach ($tests as $test) {
            if (! $test['passed']) {
                return new self($passed, $farthest, $test['level']);
            }
            $passed = $test['level'];
            $farthest ??= $passed;
        }

        return $passed === null ? null : new self($passed, $farthest, null);
    }

    /** A start, but not easier than all that passed. */
    public function notBeyond(Level $start): Level
    {
        return $this->farthest?->isHarderThan($start) === true ? $this->farthest : $start;
    }
}
