<?php

declare(strict_types=1);

namespace App\Report;

use App\Engine\LimitReader;
use App\Home\HomeTasks;
use App\Models\Appointment;
use App\Models\HomeRep;
use App\Models\Homework;
use Core\Exposure\PlanKind;

/** For whoever lives with the dog: what was done, where it is, what to do at home and what not, in short sentences. */
final readonly class SummaryReport implements Composer
{
    private const DAYS = 56;

    private const MOST_TASKS = 6;

    public function sections(DogRecord $record, array $parts): array
    {
        $dog = $record->dog->name;
        $sections = [
            'done' => static fn (): Section => self::done($record),
            'now' => static fn (): Section => self::now($record),
            'home' => static fn (): Section => self::home($record),
            'watch' => static fn (): Section => self::advice($dog, 'watch', 'watch_early', 'watch_food', 'watch_stop'),
            'never' => static fn (): Section => self::advice($dog, 'never', 'never_scold', 'never_closer', 'never_hold', 'never_child'),
            'next' => static fn (): Section => self::next($record),
        ];

        return array_values(array_map(static fn (string $part): Section => $sections[$part](), $parts));
    }

    private static function advice(string $dog, string $title, string ...$keys): Section
    {
        return new Section(say("paper.{$title}"), array_values(array_map(
            static fn (string $key): string => say("paper.{$key}", ['dog' => $dog]), $keys,
        )));
    }

    private static function done(DogRecord $record): Section
    {
        $since = $record->now->modify('-'.self::DAYS.' days');
        $days = [];
        $sessions = 0;
        foreach ($record->plans as $plan) {
            foreach ($plan->sessions as $session) {
                if ($session['at'] >= $since) {
                    $sessions++;
                    $days[$session['at']->setTimezone($record->zone())->format('Y-m-d')] = true;
                }
            }
        }
        $home = HomeRep::query()->where('dog_id', $record->dog->id)->whereNull('taken_out_at')->where('occurred_at', '>=', $since)->count();

        return new Section(say('paper.done'), [
            say('paper.sessions', ['sessions' => $sessions, 'days' => count($days), 'weeks' => intdiv(self::DAYS, 7)]),
            ...($home > 0 ? [say('paper.at_home', ['count' => $home])] : []),
        ]);
    }

    private static function now(DogRecord $record): Section
    {
        $facts = [];
        foreach ($record->plans as $plan) {
            $limit = $plan->plan->responseModel->kind === PlanKind::Presence ? LimitReader::of($plan->situation)?->point : null;
            $facts[] = [$plan->plan->responseModel->trigger->name, match (true) {
                $plan->plan->resting_reason !== null => say('paper.rests'),
                $limit !== null && $plan->sessions !== [] => say('paper.fine_from', ['distance' => words()->formats->distance($limit)]),
                default => say('paper.solid', [
                    'solid' => $plan->situation->history->solidStep + 1, 'steps' => $plan->situation->ladder->top() + 1,
                ]),
            }];
        }

        return new Section(say('paper.now'), $facts === [] ? [say('paper.no_plan')] : [], $facts);
    }

    /** As whoever trains wrote it: a task is in the words it was given in. */
    private static function home(DogRecord $record): Section
    {
        $tasks = HomeTasks::of($record->dog, $record->now->setTimezone($record->zone()))->open()->take(self::MOST_TASKS);

        return new Section(say('paper.home'), $tasks->isEmpty() ? [say('paper.no_home')] : [], array_values($tasks->map(
            static fn (Homework $task): array => [$task->name, say('paper.task', [
                'what' => rtrim($task->what, '.'), 'times' => $task->times_a_day, 'stop' => rtrim($task->stop_when, '.'),
            ])],
        )->all()));
    }

    private static function next(DogRecord $record): Section
    {
        $next = Appointment::query()->whereIn('plan_id', array_map(static fn (PlanRecord $one): int => $one->plan->id, $record->plans))
            ->whereNull('cancelled_at')->where('starts_at', '>', $record->now)->orderBy('starts_at')->first();

        return new Section(say('paper.next'), [
            $next === null ? say('paper.next_none') : say('paper.next_at', ['when' => words()->formats->dateTime($next->starts_at)]),
        ]);
    }
}
