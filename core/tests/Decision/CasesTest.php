<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Advice;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\RuleBook;
use Core\Decision\WarmUp;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** The case table: for each rule a situation that fires it, for each constant one just under and one just over. */
#[CoversClass(RuleBook::class)]
#[CoversClass(WarmUp::class)]
final class CasesTest extends TestCase
{
    /** @param  array<string, mixed>  $row */
    #[DataProviderExternal(CaseTable::class, 'rows')]
    public function test_the_answer(array $row): void
    {
        $advice = RuleBook::standard()->decide(CaseTable::situation($row));
        $codes = self::codes($advice);

        self::assertSame($row['action'] ?? null, $advice->action->value, 'Answered: '.implode(', ', $codes));
        self::assertSame([], array_diff(self::asked($row, 'codes'), $codes), 'Answered: '.implode(', ', $codes));
        self::assertSame([], array_intersect(self::asked($row, 'not'), $codes));
        if (array_key_exists('step', $row)) {
            self::assertSame($row['step'], $advice->next?->step);
        }
        if (isset($row['meters_at']) && is_array($row['meters_at'])) {
            [$least, $most] = $row['meters_at'];
            $meters = $advice->next?->exposure->distance()->meters ?? -1.0;
            self::assertTrue($meters >= $least && $meters <= $most, "At {$meters} m.");
        }
        foreach (is_array($row['facts'] ?? null) ? $row['facts'] : [] as $code => $facts) {
            foreach (is_array($facts) ? $facts : [] as $name => $value) {
                self::assertSame($value, self::fact($advice, (string) $code, (string) $name), "{$code}.{$name}");
            }
        }
    }

    /** Those of a new plan and of a ladder nobody walks yet are found in PlanningTest. */
    public function test_every_reason_code_occurs(): void
    {
        $asked = [];
        foreach (CaseTable::rows() as [$row]) {
            array_push($asked, ...self::asked($row, 'codes'));
        }
        $planning = (string) file_get_contents(dirname(__DIR__).'/Planning/PlanningTest.php');
        $missing = array_filter(
            ReasonCode::cases(),
            static fn (ReasonCode $code): bool => ! in_array($code->value, $asked, true) && ! str_contains($planning, "'{$code->value}'"),
        );

        self::assertSame([], array_map(static fn (ReasonCode $code): string => $code->value, array_values($missing)));
    }

    /** A rule that can be taken out unseen is no rule. */
    public function test_every_rule_has_a_case_that_only_it_answers(): void
    {
        $rules = (new \ReflectionProperty(RuleBook::class, 'rules'))->getValue(RuleBook::standard());
        self::assertIsArray($rules);
        $heard = [];
        foreach (CaseTable::rows() as [$row]) {
            $situation = CaseTable::situation($row);
            $last = $situation->log->last();
            if ($last === null) {
                continue;
            }
            foreach ($rules as $rule) {
                self::assertInstanceOf(Rule::class, $rule);
                if ($rule->apply($situation, $last) !== null) {
                    $heard[$rule::class] = true;
                    break;
                }
            }
        }

        self::assertSame([], array_values(
            array_filter($rules, static fn (mixed $rule): bool => is_object($rule) && ! isset($heard[$rule::class])),
        ));
    }

    /**
     * @param  array<string, mixed>  $row
     * @return list<string>
     */
    private static function asked(array $row, string $key): array
    {
        return array_values(array_filter(is_array($row[$key] ?? null) ? $row[$key] : [], is_string(...)));
    }

    /** @return list<string> */
    private static function codes(Advice $advice): array
    {
        return array_map(static fn (Reason $reason): string => $reason->code->value, $advice->reasons);
    }

    private static function fact(Advice $advice, string $code, string $name): mixed
    {
        foreach ($advice->reasons as $reason) {
            if ($reason->code->value === $code) {
                return $reason->facts[$name] ?? null;
            }
        }

        return null;
    }
}
