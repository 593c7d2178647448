<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Answer;
use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;
use Core\Ladder\EqualRatioLadder;
use Core\Planning\FoundPath;
use Core\Planning\NoPath;
use Core\Planning\PathSearch;
use Core\Response\Day;
use Words\Phrases;

/** Finds a ladder from what is fine now to a goal through several dimensions, or says why there is none. */
final readonly class Ladder implements Command
{
    public function __construct(private SituationDocument $situations, private Phrases $phrases)
    {
    }

    public function name(): string
    {
        return 'ladder';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $all = $this->situations->read($read);
        $model = $all->model();
        $found = $read->build(static fn (Document $of): FoundPath
            |NoPath => (new PathSearch($model, $of->at('stepLogits')->number(EqualRatioLadder::USUAL_STEP_LOGITS)))->find(
                $all->document->exposure($of->at('from')), $all->document->exposure($of->at('to')), $of->at('moving')->strings(),
                $of->has('easiest') ? $of->at('easiest')->number() : null,
            ));
        if ($found instanceof NoPath) {
            return [
                'found' => false, 'code' => $found->why->value, 'dimension' => $found->dimension,
                'why' => $this->phrases->noPath($found, $model->scale->catalog),
            ];
        }
        $steps = [];
        $before = null;
        foreach ($found->exposures as $exposure) {
            $load = $model->load($exposure);
            $steps[] = [
                'exposure' => $exposure->values, 'load' => $load, 'rise' => $before === null ? null : $load - $before,
                'risk' => Answer::risk($model->risk($exposure, Day::Typical)),
            ];
            $before = $load;
        }

        return ['found' => true, 'steps' => $steps, 'squares' => $found->squares, 'changes' => $found->changes, 'states' => $found->states];
    }
}
