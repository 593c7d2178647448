<?php

declare(strict_types=1);

namespace App\Plan;

use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Exposure\DimensionKey;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Core\Ladder\StepData;
use Core\Planning\NoPath;
use Core\Planning\PathSearch;
use Core\Planning\Refiner;
use Core\Response\DogModel;

/** What a trainer does to a ladder at the desk: split, skip, add by copying, reorder, edit, lay again. Pure: nothing is stored here. */
final readonly class LadderEditor
{
    /**
     * @param  string  $edit  "split:3", "move:3:0", "play:barrier" …
     * @param  array<mixed>  $typed  the open step as typed
     * @param  ?float  $room  farthest distance in meters that the plan's place allows; null if it is not known to end
     *
     * @throws InvalidLadder if it cannot be done, with a pointer to the field at fault
     */
    public function apply(Ladder $ladder, string $edit, array $typed, DogModel $model, ?float $room = null): LadderEdit
    {
        [$verb, $subject, $to] = [...explode(':', $edit, 3), '', ''];
        $at = max(0, min($ladder->top(), (int) $subject));
        $steps = $ladder->steps;
        $number = $at + 1;

        return match ($verb) {
            'open' => new LadderEdit($ladder, $at, say('messages.ladder_desk.step_is_open_for_editing', ['number' => $number])),
            'close' => new LadderEdit($ladder, null, say('messages.ladder_desk.nothing_was_changed')),
            'apply' => new LadderEdit(
                self::with($steps, $at, 1, [$this->read($typed, $model)]), null,
                say('messages.ladder_desk.step_is_changed', ['number' => $number]),
            ),
            'all' => $this->sameCriterion($steps, $this->read($typed, $model)),
            'split' => $this->split($ladder, $at, $model),
            'skip' => count($steps) === 1
                ? throw InvalidLadder::at('', ErrorCode::LastStep)
                : new LadderEdit(self::with($steps, $at, 1, []), null, say(
                    'messages.ladder_desk.step_is_taken_out', ['number' => $number],
                )),
            'copy' => new LadderEdit(self::with($steps, $at + 1, 0, [$steps[$at]]), $at + 1, say(
                'messages.ladder_desk.a_copy_stands_after_step_change', ['number' => $number],
            )),
            'up' => $this->move($ladder, $at, $at - 1),
            'down' => $this->move($ladder, $at, $at + 1),
            'move' => $this->move($ladder, $at, (int) $to),
            'play' => $this->play($ladder, $subject, $model),
            'unplay' => $this->unplay($ladder, $subject),
            'replan' => new LadderEdit((new Refiner($model, in: words()->reader->units->distance))->refine($ladder), null, say(
                'messages.ladder_desk.laid_again_from_todays_model_steps',
            )),
            'find' => $this->find($ladder, $model, $room),
            default => throw InvalidLadder::at('', ErrorCode::UnknownEdit),
        };
    }

    /** @param  list<Step>  $steps */
    private function sameCriterion(array $steps, Step $as): LadderEdit
    {
        return new LadderEdit(
            Ladder::of(array_map(static fn (Step $step): Step => new Step($step->exposure, $as->criterion, $step->manner), $steps)), null,
            say('messages.ladder.same_criterion', ['criterion' => words()->criterion($as->criterion)]),
        );
    }

    private function split(Ladder $ladder, int $at, DogModel $model): LadderEdit
    {
        if ($at === 0) {
            throw InvalidLadder::at('/0', ErrorCode::NothingBeforeFirst);
        }
        $step = $ladder->step($at);
        $half = (new Refiner($model, in: words()->reader->units->distance))->half($ladder->step($at - 1)->exposure, $step->exposure)
            ?? throw InvalidLadder::at("/{$at}", ErrorCode::NothingBetween);

        return new LadderEdit(
            self::with($ladder->steps, $at, 0, [$step->toward($half)]), null, say('messages.ladder.split', ['step' => $at + 1]),
        );
    }

    /** A ladder of its own between the first step and the goal, through all that differs between them. */
    private function find(Ladder $ladder, DogModel $model, ?float $room): LadderEdit
    {
        [$first, $goal] = [$ladder->step(0), $ladder->step($ladder->top())];
        $differs = array_keys(array_filter(
            $goal->exposure->values,
            static fn (float|string $value, string $key): bool => isset($first->exposure->values[$key])
                && $first->exposure->values[$key] !== $value,
            ARRAY_FILTER_USE_BOTH,
        ));
        if (count($differs) > PathSearch::MAX_MOVING) {
            throw InvalidLadder::at(
                '', ErrorCode::TooManyDiffer, plan: $model->scale->catalog->plan->value, count: count($differs), dimensions: $differs,
                most: PathSearch::MAX_MOVING,
            );
        }
        $isFar = $model->scale->catalog->has(DimensionKey::Distance->value) && $room !== null;
        $found = $differs === [] ? NoPath::nothingMoves() : (new PathSearch($model))
            ->find($first->exposure, $goal->exposure, $differs, $isFar ? max($room, (float) $first->exposure->values['distance']) : null);
        if ($found instanceof NoPath) {
            throw InvalidLadder::at('', ErrorCode::NoLadderFound, why: words()->noPath($found, $model->scale->catalog));
        }
        $steps = [$first, ...array_map($goal->toward(...), array_slice($found->exposures, 1, -1)), $goal];
        if (count($steps) > LadderData::MAX_STEPS) {
            throw InvalidLadder::at('', ErrorCode::WayTooLong, count: count($steps), most: LadderData::MAX_STEPS);
        }

        return new LadderEdit(Ladder::of($steps), null, say('messages.ladder.found', [
            'steps' => count($steps), 'before' => count($ladder->steps), 'states' => $found->states, 'changes' => $found->changes,
        ]));
    }

    private function move(Ladder $ladder, int $from, int $to): LadderEdit
    {
        $to = max(0, min($ladder->top(), $to));
        $steps = $ladder->steps;
        $moved = array_splice($steps, $from, 1);
        array_splice($steps, $to, 0, $moved);

        return new LadderEdit(Ladder::of($steps), null, say('messages.ladder.moved', ['from' => $from + 1, 'to' => $to + 1]));
    }

    /** A dimension comes into play: every step says it, at its usual value until changed. */
    private function play(Ladder $ladder, string $key, DogModel $model): LadderEdit
    {
        $catalog = $model->scale->catalog;
        if (! $catalog->has($key)) {
            throw InvalidLadder::at('/play', ErrorCode::UnknownDimension, dimension: $key);
        }
        $rows = array_map(
            static fn (Step $step): array =>
                array_replace_recursive(['at' => [$key => $catalog->dimension($key)->usual]], StepData::write($step)),
            $ladder->steps,
        );

        return new LadderEdit(LadderData::read($rows, $catalog), null, say(
            'messages.ladder.added', ['dimension' => words()->capital(words()->dimension($catalog, $key))],
        ));
    }

    private function unplay(Ladder $ladder, string $key): LadderEdit
    {
        $steps = array_map(static function (Step $step) use ($key): Step {
            $exposure = $step->exposure->without($key);

            return $exposure->values === [] ? throw InvalidLadder::at('/play', ErrorCode::LastDimension) : $step->at($exposure);
        }, $ladder->steps);

        return new LadderEdit(Ladder::of($steps), null, say('messages.ladder_desk.it_is_out_of_play'));
    }

    /** @param  array<mixed>  $typed */
    private function read(array $typed, DogModel $model): Step
    {
        try {
            return StepData::read($typed, $model->scale->catalog, '');
        } catch (InvalidLadder $problem) {
            throw InvalidLadder::within('/step', $problem);
        }
    }

    /**
     * @param  list<Step>  $steps
     * @param  list<Step>  $by
     */
    private static function with(array $steps, int $at, int $instead, array $by): Ladder
    {
        array_splice($steps, $at, $instead, $by);

        return count($steps) > LadderData::MAX_STEPS
            ? throw InvalidLadder::at('', ErrorCode::StepCount, most: LadderData::MAX_STEPS, given: count($steps))
            : Ladder::of($steps);
    }
}
