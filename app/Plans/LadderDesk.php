<?php

declare(strict_types=1);

namespace App\Plans;

use Core\Exception\InvalidLadder;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Core\Ladder\StepData;
use Core\Planning\NoPath;
use Core\Planning\PathSearch;
use Core\Planning\Refiner;
use Core\Response\DogModel;

/** What a trainer does to a ladder at the desk: split, skip, add by copying, reorder, edit, lay again. Pure: nothing is stored here. */
final readonly class LadderDesk
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
            'open' => new LadderEdit($ladder, $at, "Step {$number} is open for editing."),
            'close' => new LadderEdit($ladder, null, 'Nothing was changed.'),
            'apply' => new LadderEdit(self::with($steps, $at, 1, [$this->read($typed, $model)]), null, "Step {$number} is changed."),
            'all' => $this->sameCriterion($steps, $this->read($typed, $model)),
            'split' => $this->split($ladder, $at, $model),
            'skip' => count($steps) === 1
                ? throw InvalidLadder::at('', 'A ladder has at least one step.')
                : new LadderEdit(self::with($steps, $at, 1, []), null, "Step {$number} is taken out."),
            'copy' => new LadderEdit(self::with($steps, $at + 1, 0, [$steps[$at]]), $at + 1, "A copy stands after step {$number}: change what differs."),
            'up' => $this->move($ladder, $at, $at - 1),
            'down' => $this->move($ladder, $at, $at + 1),
            'move' => $this->move($ladder, $at, (int) $to),
            'play' => $this->play($ladder, $subject, $model),
            'unplay' => $this->unplay($ladder, $subject),
            'replan' => new LadderEdit((new Refiner($model))->refine($ladder), null, 'Laid again from today\'s model: steps of about half a logit. Look at the difference, then keep it or not.'),
            'find' => $this->find($ladder, $model, $room),
            default => throw InvalidLadder::at('', 'There is no such edit.'),
        };
    }

    /** @param  list<Step>  $steps */
    private function sameCriterion(array $steps, Step $as): LadderEdit
    {
        return new LadderEdit(Ladder::of(array_map(static fn (Step $step): Step => new Step($step->exposure, $as->criterion, $step->manner), $steps)), null, 'Every step asks for '.$as->criterion->inWords().' now.');
    }

    private function split(Ladder $ladder, int $at, DogModel $model): LadderEdit
    {
        if ($at === 0) {
            throw InvalidLadder::at('/0', 'Nothing comes before the first step to split from. Add an easier one.');
        }
        $step = $ladder->step($at);
        $half = (new Refiner($model))->half($ladder->step($at - 1)->exposure, $step->exposure)
            ?? throw InvalidLadder::at("/{$at}", 'There is nothing between these two steps. Bring another dimension into play, or change a value.');

        return new LadderEdit(self::with($ladder->steps, $at, 0, [$step->toward($half)]), null, 'Split: half the way in load, step '.($at + 1).'.');
    }

    /** A ladder of its own between the first step and the goal, through all that differs between them. */
    private function find(Ladder $ladder, DogModel $model, ?float $room): LadderEdit
    {
        [$first, $goal] = [$ladder->step(0), $ladder->step($ladder->top())];
        $differs = array_keys(array_filter($goal->exposure->values, static fn (float|string $value, string $key): bool => isset($first->exposure->values[$key]) && $first->exposure->values[$key] !== $value, ARRAY_FILTER_USE_BOTH));
        if (count($differs) > PathSearch::MOST_MOVING) {
            $names = implode(', ', array_map(static fn (string $key): string => $model->scale->catalog->dimension($key)->label, $differs));
            throw InvalidLadder::at('', sprintf('%d things differ between the first step and the goal (%s); a ladder is found through %d at most. Make some alike on both, or find one part of the way at a time.', count($differs), $names, PathSearch::MOST_MOVING));
        }
        $isFar = $model->scale->catalog->plan->leads() === 'distance' && $room !== null;
        $found = $differs === [] ? NoPath::nothingMoves() : (new PathSearch($model))->find($first->exposure, $goal->exposure, $differs, $isFar ? max($room, (float) $first->exposure->values['distance']) : null);
        if ($found instanceof NoPath) {
            throw InvalidLadder::at('', "No ladder was found. {$found->why} {$found->opens}");
        }
        $steps = [$first, ...array_map($goal->toward(...), array_slice($found->exposures, 1, -1)), $goal];
        if (count($steps) > LadderData::MOST_STEPS) {
            throw InvalidLadder::at('', sprintf('The way takes %d steps; a ladder has at most %d. Find one part of the way at a time.', count($steps), LadderData::MOST_STEPS));
        }

        return new LadderEdit(Ladder::of($steps), null, sprintf(
            'Found: %d steps in place of %d, the fewest and evenest of %s combinations; the moving thing changes %s. Each was weighed with the last one mastered. Compare, change what you like, then keep it or not.',
            count($steps), count($ladder->steps), number_format($found->states), $found->changes === 1 ? 'once' : "{$found->changes} times",
        ));
    }

    private function move(Ladder $ladder, int $from, int $to): LadderEdit
    {
        $to = max(0, min($ladder->top(), $to));
        $steps = $ladder->steps;
        $moved = array_splice($steps, $from, 1);
        array_splice($steps, $to, 0, $moved);

        return new LadderEdit(Ladder::of($steps), null, 'Step '.($from + 1).' is now step '.($to + 1).'.');
    }

    /** A dimension comes into play: every step says it, at its usual value until changed. */
    private function play(Ladder $ladder, string $key, DogModel $model): LadderEdit
    {
        $catalog = $model->scale->catalog;
        if (! $catalog->has($key)) {
            throw InvalidLadder::at('/play', "There is no dimension \"{$key}\".");
        }
        $rows = array_map(static fn (Step $step): array => array_replace_recursive(['at' => [$key => $catalog->dimension($key)->usual]], StepData::write($step)), $ladder->steps);

        return new LadderEdit(LadderData::read($rows, $catalog), null, ucfirst($catalog->dimension($key)->label).' is in play now, at its usual value on every step.');
    }

    private function unplay(Ladder $ladder, string $key): LadderEdit
    {
        $steps = array_map(static function (Step $step) use ($key): Step {
            $exposure = $step->exposure->without($key);

            return $exposure->values === [] ? throw InvalidLadder::at('/play', 'One dimension must stay in play.') : $step->at($exposure);
        }, $ladder->steps);

        return new LadderEdit(Ladder::of($steps), null, 'It is out of play.');
    }

    /** @param  array<mixed>  $typed */
    private function read(array $typed, DogModel $model): Step
    {
        try {
            return StepData::read($typed, $model->scale->catalog, '');
        } catch (InvalidLadder $problem) {
            throw InvalidLadder::at("/step{$problem->pointer}", $problem->getMessage());
        }
    }

    /**
     * @param  list<Step>  $steps
     * @param  list<Step>  $by
     */
    private static function with(array $steps, int $at, int $instead, array $by): Ladder
    {
        array_splice($steps, $at, $instead, $by);

        return count($steps) > LadderData::MOST_STEPS ? throw InvalidLadder::at('', 'A ladder has at most '.LadderData::MOST_STEPS.' steps.') : Ladder::of($steps);
    }
}
