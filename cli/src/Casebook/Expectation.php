<?php

declare(strict_types=1);

namespace Cli\Casebook;

use Cli\Document;
use Core\Decision\LoggedTrial;
use Core\Exposure\Exposure;

/** What a competent trainer would accept: each key that a case has must hold. */
final readonly class Expectation
{
    public function __construct(private Document $expect, private World $world)
    {
    }

    /** @return list<string> what does not hold of one answer */
    public function failures(Reply $reply, ?LoggedTrial $last): array
    {
        $next = $reply->advice->next?->exposure;
        $between = fn (string $key, float|int|null $value): bool => $value !== null
            && $value >= $this->expect->at($key)->items()[0]->number() - 1e-6
                && $value <= $this->expect->at($key)->items()[1]->number() + 1e-6;
        $checks = [
            'action_in' => fn (): bool => in_array($reply->action(), $this->expect->at('action_in')->strings(), true),
            'action_not_in' => fn (): bool => ! in_array($reply->action(), $this->expect->at('action_not_in')->strings(), true),
            'm_between' => static fn (): bool => $between('m_between', $reply->meters()),
            'm_at_most' => fn (): bool => ($reply->meters() ?? INF) <= $this->expect->at('m_at_most')->number(),
            'm_at_least' => fn (): bool => $reply->action() === 'rest'
                || ($reply->meters() ?? 0.0) >= $this->expect->at('m_at_least')->number(),
            'db_between' => static fn (): bool => $between(
                'db_between', isset($next->values['level']) ? (float) $next->values['level'] : null,
            ),
            'step_between' => fn (): bool => $reply->advice->next === null || $this->isBetweenSteps($reply),
            'not_easier_than_last' => static fn (): bool => $last === null || $reply->advice->next !== null
                && ! $last->level->isHarderThan($reply->advice->next),
            'only_dimensions' => fn (): bool => $next === null || $last === null || $this->isOnly($next, $last->exposure),
            'asks_for_none_of' => fn (): bool => ! self::says($reply->shown(), $this->expect->at('asks_for_none_of')->strings()),
            'names_reason_in' => fn (): bool => in_array($reply->subject(), $this->expect->at('names_reason_in')->strings(), true),
            'says_one_thing' => static fn (): bool => self::saysOneThing($reply),
        ];
        $failures = [];
        foreach ($checks as $key => $check) {
            if ($this->expect->has($key) && ! $check()) {
                $failures[] = $key.($key === 'names_reason_in' ? " ({$reply->subject()})" : '');
            }
        }

        return $failures;
    }

    /** @param  list<string>  $words  compared whole and without case */
    public static function says(string $text, array $words): bool
    {
        foreach ($words as $word) {
            if (preg_match('/(?<![\p{L}\d.])'.preg_quote($word, '/').'(?![\p{L}\d])/iu', $text) === 1) {
                return true;
            }
        }

        return false;
    }

    /** The reason names no measure that the title does not, and no other verb. */
    private static function saysOneThing(Reply $reply): bool
    {
        $measures = static function (string $text): array {
            preg_match_all('/\d+(?:[.,]\d+)?\s?(?:m|yd|ft|cm|in|s|dB\(A\)|dB)\b/u', $text, $found);

            return $found[0];
        };
        $others = ['stay' => ['stay here', 'another one here'], 'end' => ['end here', 'end on this']];
        $isElse = false;
        foreach ($others as $action => $words) {
            $isElse = $isElse || $reply->action() !== $action && self::says($reply->reason(), $words);
        }

        return array_diff($measures($reply->reason()), $measures(
            $reply->title(),
        )) === [] && ! $isElse && ! self::says($reply->reason(), ['instead']);
    }

    private function isBetweenSteps(Reply $reply): bool
    {
        [$first, $last] = array_map(
            fn (string $words): int => Ladders::find($this->world->ladder, $words), $this->expect->at('step_between')->strings(),
        );
        $step = $reply->advice->next->step ?? -1;

        return $step >= $first && $step <= $last;
    }

    private function isOnly(Exposure $next, Exposure $last): bool
    {
        $changed = array_keys(array_diff_assoc($next->values, $last->values));

        return array_diff($changed, $this->expect->at('only_dimensions')->strings()) === [];
    }
}
