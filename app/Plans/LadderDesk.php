<?php

declare(strict_types=1);

namespace App\Plans;

use Core\Exception\InvalidLadder;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Core\Ladder\StepData;
use Core\Planning\Refiner;
use Core\Response\DogModel;

/** What a trainer does to a ladder at the desk: split, skip, add by copying, reorder, edit, lay again. Pure: nothing is stored here. */
final readonly class LadderDesk
{
    /**
     * @param  string  $edit  "split:3", "move:3:0", "play:barrier" …
     * @param  array<mixed>  $typed  the open step as typed
     *
     * @throws InvalidLadder if it cannot be done, with a pointer to the field at fault
     */
    public function apply(Ladder $ladder, string $edit, array $typed, DogModel $model): LadderEdit
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
