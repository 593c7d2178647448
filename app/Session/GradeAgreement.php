<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\SecondGrade;
use App\Models\Session;
use App\Support\Fields;
use Core\Sign\WeightedKappa;

/** How far a second grader of a session saw what the first one saw. */
final readonly class GradeAgreement
{
    /** @return ?array{graders: string, trials: int, same: int, kappa: ?float} null where nobody graded along */
    public function of(Session $session): ?array
    {
        $counts = [];
        $names = [];
        $grades = SecondGrade::query()
            ->toBase()->join('users', 'users.id', '=', 'second_grades.user_id')->join('trials', 'trials.id', '=', 'second_grades.trial_id')
            ->where('trials.session_id', $session->id)
            ->limit(5000)->get(['users.name', 'second_grades.band as second', 'trials.band as first']);
        foreach ($grades as $row) {
            $grade = Fields::of($row);
            $pair = "{$grade->int('first')} {$grade->int('second')}";
            $counts[$pair] = ($counts[$pair] ?? 0) + 1;
            $names[$grade->text('name')] = true;
        }
        $table = array_map(
            static fn (int $first): array => array_map(static fn (int $second): int => $counts["{$first} {$second}"] ?? 0, range(0, 4)),
            range(0, 4),
        );
        $same = array_sum(array_map(static fn (int $band): int => $table[$band][$band], range(0, 4)));

        return $grades->isEmpty() ? null : [
            'graders' => implode(', ', array_keys($names)), 'trials' => $grades->count(), 'same' => $same,
            'kappa' => WeightedKappa::ofTable($table)->linear(),
        ];
    }
}
