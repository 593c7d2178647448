<?php

declare(strict_types=1);

namespace Words;

use Core\Decision\Reason;
use Core\Decision\ToldExposure;
use Core\Exception\CoreException;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionChange;
use Core\Exposure\DimensionKind;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Gear\Finding;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Manner;
use Core\Ladder\Progress;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Measure\Probability;
use Core\Planning\LadderChange;
use Core\Planning\NoPath;
use Core\Planning\StepChange;
use Core\Sign\Asked;
use Core\Sign\Outcome;
use Core\Wearing\ItemKind;
use Core\Wearing\Requirement;

/** What the core answers, said in words for one reader. */
final readonly class Phrases
{
    public Formats $formats;

    public function __construct(private Lexicon $lexicon, public Reader $reader)
    {
        $this->formats = new Formats($lexicon, $reader);
    }

    /** @param  array<string, bool|int|float|string|null>  $facts */
    public function say(string $key, array $facts = []): string
    {
        return $this->lexicon->say($key, $facts, $this->reader->language, $this->reader->audience);
    }

    /** The short label of a case, by the name of its enumeration: "easy" of Band::Easy. */
    public function label(\BackedEnum $case): string
    {
        $name = strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', substr((string) strrchr('\\'.$case::class, '\\'), 1)));

        return $this->say("labels.{$name}.{$case->value}");
    }

    /** On a button, where the long label would not fit. */
    public function outcomeShort(Outcome $outcome, Asked $asked): string
    {
        foreach (["labels.outcome_short.{$outcome->value}_{$asked->value}", "labels.outcome_short.{$outcome->value}"] as $key) {
            if ($this->lexicon->has($key)) {
                return $this->say($key);
            }
        }

        return $this->capital($this->label($outcome));
    }

    public function sign(string $code): string
    {
        return $this->say('signs.signs.'.str_replace('.', '_', $code));
    }

    public function dimension(DimensionCatalog $catalog, string $key): string
    {
        return ($catalog->dimensions[$key] ?? null)->label ?? $this->say("dimensions.{$catalog->plan->value}.{$key}.label");
    }

    public function choice(DimensionCatalog $catalog, string $dimension, string $value): string
    {
        foreach (($catalog->dimensions[$dimension] ?? null)->values ?? [] as $choice) {
            if ($choice->key === $value && $choice->label !== null) {
                return $choice->label;
            }
        }

        return $this->say("dimensions.{$catalog->plan->value}.{$dimension}.values.{$value}");
    }

    /** @return array<string, string> all values of an ordered dimension, in its order, by key */
    public function choices(DimensionCatalog $catalog, string $dimension): array
    {
        $said = [];
        foreach ($catalog->dimension($dimension)->values as $value) {
            $said[$value->key] = $this->choice($catalog, $dimension, $value->key);
        }

        return $said;
    }

    /** The unit a measured value is typed in, with a space before it: " dB(A)"; empty where it has none. */
    public function unit(Dimension $dimension): string
    {
        return ($dimension->unit ?? '') === '' ? '' : "\u{00A0}".$this->say("phrases.units.{$dimension->unit}");
    }

    /** A value of a dimension: "24 m", "20 cm away", "slow walk". */
    public function value(DimensionCatalog $catalog, Dimension $dimension, float|string $value): string
    {
        return match ($dimension->kind) {
            DimensionKind::Distance => $this->formats->distance(Distance::fromMeters((float) $value)),
            DimensionKind::Time => $this->formats->seconds((float) $value),
            DimensionKind::Speed => $this->formats->speed((float) $value),
            DimensionKind::Share => $this->say('phrases.depth', ['percent' => $this->formats->percent(100.0 * (float) $value)]),
            DimensionKind::Gap => $value <= 0.0
                ? $this->say('phrases.touching')
                : $this->say('phrases.away', ['length' => $this->formats->centimeters((float) $value, 0)]),
            DimensionKind::SoundLevel => $this->level($dimension, (float) $value),
            DimensionKind::Ordered => $this->choice($catalog, $dimension->key, (string) $value),
        };
    }

    /** A sound level: "48 dB(A)", or "2.5 % of the player" where nobody has measured. */
    public function level(Dimension $dimension, float $kept): string
    {
        $levels = $dimension->levels();
        $shown = $levels->toDisplayed($kept);

        return $levels->isMeasured
            ? $this->say('phrases.level', ['decibels' => $this->formats->number($shown, 0)])
            : $this->say('phrases.level_of_player', ['percent' => $this->formats->percent((float) sprintf('%.2g', $shown), 4)]);
    }

    /**
     * "18 m, slow walk, across".
     *
     * @param  list<string>  $without  keys of dimensions that go without saying
     */
    public function exposure(Exposure $exposure, DimensionCatalog $catalog, array $without = []): string
    {
        $words = [];
        foreach ($catalog->dimensions as $key => $dimension) {
            $value = $exposure->values[$key] ?? null;
            // a touch says that there is no gap
            $isSaid = $dimension->kind === DimensionKind::Gap && $value <= 0.0 && isset($exposure->values['contact']);
            if ($value !== null && ! in_array($key, $without, true) && ! $isSaid) {
                $words[] = $this->value($catalog, $dimension, $value);
            }
        }

        return implode(', ', $words);
    }

    /** "5 in a row", "4 of the last 5, in 2 sessions over at least 1 day". */
    public function criterion(Criterion $criterion): string
    {
        $words = $criterion->window === null
            ? $this->say('phrases.criterion.run', ['count' => $criterion->successes])
            : $this->say('phrases.criterion.share', ['count' => $criterion->successes, 'window' => $criterion->window]);
        if ($criterion->sessions > 1) {
            $words = $this->say(
                'phrases.criterion.'.($criterion->days === 0 ? 'sessions' : 'sessions_days'),
                ['criterion' => $words, 'sessions' => $criterion->sessions, 'days' => $criterion->days],
            );
        }

        return $criterion->isNewBehavior ? $this->say('phrases.criterion.new_behavior', ['criterion' => $words]) : $words;
    }

    /** "3 of 5 unprompted returns in a row". */
    public function progress(Progress $progress, PlanKind $kind): string
    {
        $key = match (true) {
            $progress->window !== null => ($progress->tried ?? $progress->window) < $progress->window ? 'so_far' : 'share',
            $progress->done > $progress->asked => 'more',
            default => 'run',
        };
        $of = $progress->of->value ?? $kind->value;
        $what = $this->say("phrases.good_ones.{$of}", ['count' => $key === 'run' ? $progress->asked : $progress->done]);

        return $this->say("phrases.progress.{$key}", [
            'done' => $progress->done, 'asked' => $progress->asked, 'window' => $progress->window,
            'tried' => $progress->tried, 'what' => $what,
        ]);
    }

    /** "food after the mark, dog free to move, the handler, 3 hands, 1 pair of eyes". */
    public function manner(Manner $manner): string
    {
        return $this->say('phrases.manner.all', [
            'food' => $this->label($manner->food), 'posture' => $this->label($manner->posture), 'who' => $this->label($manner->who),
            'hands' => $manner->hands, 'eyes' => $manner->eyes,
        ]);
    }

    /** While it is done, only what the hands must know. */
    public function atHand(Manner $manner): string
    {
        $food = $this->label($manner->food);

        return match (true) {
            $manner->hands > 2 => $this->say('phrases.manner.hands', ['food' => $food, 'hands' => $manner->hands]),
            $manner->eyes > 1 => $this->say('phrases.manner.eyes', ['food' => $food, 'eyes' => $manner->eyes]),
            default => $food,
        };
    }

    /** What to do at a step, in the words of whoever wrote it; empty where nobody did. */
    public function instruction(Manner $manner): string
    {
        return $this->toward($manner->instruction, $manner->isOnTheWay);
    }

    /** What a step is about: "body and sound"; empty where its ladder is of one piece. */
    public function strands(Manner $manner): string
    {
        return $this->list(array_map($this->label(...), $manner->strands));
    }

    /** The instruction of a step that is told by its parts. */
    public function toward(string $instruction, bool $isOnTheWay): string
    {
        return $isOnTheWay && $instruction !== '' ? $this->say('phrases.on_the_way', ['instruction' => $instruction]) : $instruction;
    }

    /** How hard one thing is beyond another, in usual steps: "1.5". */
    public function difficulty(float $logits): string
    {
        return $this->formats->number($logits / EqualRatioLadder::USUAL_STEP_LOGITS, 1);
    }

    /**
     * The data of a ladder that ships say what is hard; its words stand in the language files.
     *
     * @param  array<mixed>  $data
     * @return array<mixed> the same with its words
     */
    public function template(string $key, array $data): array
    {
        $steps = [];
        foreach (is_array($data['steps'] ?? null) ? array_values($data['steps']) : [] as $i => $step) {
            $steps[] = is_array($step) ? [...$step, 'do' => $this->say("templates.{$key}.steps.".($i + 1))] : $step;
        }

        return [
            ...$data, 'steps' => $steps, 'label' => $this->say("templates.{$key}.label"), 'about' => $this->say("templates.{$key}.about"),
        ];
    }

    /** A step in a list: its distance, else what to do, else its setup. */
    public function step(Step $step, DimensionCatalog $catalog): string
    {
        $instruction = $this->instruction($step->manner);

        return $this->formats->distanceOrNull($step->exposure->distance())
            ?? ($instruction === '' ? $this->exposure($step->exposure, $catalog) : $instruction);
    }

    public function change(DimensionChange $change, DimensionCatalog $catalog): string
    {
        return $this->say('phrases.change', ['dimension' => $this->dimension($catalog, $change->dimension), 'choice' => $this->choice(
            $catalog, $change->dimension, $change->choice,
        )]);
    }

    /** A reason in a sentence. */
    public function reason(Reason $reason, DimensionCatalog $catalog): string
    {
        $facts = [];
        foreach ($reason->facts as $name => $fact) {
            $facts[$name] = match (true) {
                $fact instanceof Probability => $this->formats->chance($fact),
                $fact instanceof ToldExposure => $this->exposure($fact->exposure, $catalog, $fact->unsaid),
                $fact instanceof DimensionChange => $this->change($fact, $catalog),
                $fact instanceof Progress => $this->progress($fact, $catalog->plan),
                is_array($fact) => $this->capital($this->list(
                    array_map(fn (string $key): string => $this->dimension($catalog, $key), $fact),
                )),
                default => $fact ?? 0,
            };
        }

        return $this->capital($this->say("reasons.{$reason->code->value}", $facts));
    }

    /** What the core refused, and what to do. */
    public function error(CoreException $problem, ?DimensionCatalog $catalog = null): string
    {
        $facts = $problem->facts();
        $plan = $catalog->plan->value ?? (is_string($facts['plan'] ?? null) ? $facts['plan'] : '');
        $named = function (string $key) use ($catalog, $plan): string {
            $label = "dimensions.{$plan}.{$key}.label";

            return $catalog !== null && $catalog->has($key)
                ? $this->dimension($catalog, $key)
                : ($this->lexicon->has($label) ? $this->say($label) : $key);
        };
        $said = [];
        foreach ($facts as $name => $fact) {
            $said[$name] = match (true) {
                $name === 'quantity' && is_string($fact) => $this->say("quantities.{$fact}"),
                $name === 'unit' && is_string($fact) => $fact === '' ? '' : "\u{00A0}".$this->say("phrases.units.{$fact}"),
                $name === 'dimension' && is_string($fact) => $named($fact),
                $name === 'choice' && is_string($fact) && is_string($facts['dimension'] ?? null) => is_numeric($fact)
                    ? $named($facts['dimension'])." {$fact}"
                    : $this->say("dimensions.{$plan}.{$facts['dimension']}.values.{$fact}"),
                $name === 'dimensions' && is_array($fact) => $this->list(array_map($named, $fact)),
                $name === 'method'
                    && is_string($fact)
                    && $this->lexicon->has("methods.methods.{$fact}.label") => $this->say("methods.methods.{$fact}.label"),
                $name === 'templates' && is_array($fact) => implode(' → ', $fact),
                is_array($fact) => implode(', ', $fact),
                default => $fact,
            };
        }

        return $this->capital($this->say("errors.{$problem->error()->value}", $said));
    }

    public function finding(Finding $finding): string
    {
        return $this->say("fit.{$finding->code->value}", array_map(
            fn (float $length): string => $this->formats->centimeters($length), $finding->centimeters,
        ));
    }

    /** What gear still asks for. */
    public function requirement(Requirement $requirement, ItemKind $kind): string
    {
        return $this->say("wearing.asks.{$requirement->key}", [
            'asked' => $requirement->asked, 'shows' => $this->say("wearing.fit_shows.{$kind->value}"),
        ]);
    }

    /** How that stands now. */
    public function standing(Requirement $requirement): string
    {
        $standing = $requirement->standing;

        return match ($requirement->key) {
            'on', 'worn',
            'off' => $standing === null
                ? $this->say('wearing.stands.no_ladder')
                : $this->say('wearing.stands.ladder', ['standing' => (int) round($standing)]),
            'long' => $standing === null
                ? $this->say('wearing.stands.not_yet')
                : $this->say('wearing.stands.long', ['standing' => $this->formats->clock((int) $standing)]),
            'movement' => $standing === null
                ? $this->say('wearing.stands.never_worn')
                : $this->say('wearing.stands.movement', ['standing' => $standing]),
            'fit' => $standing === null ? $this->say('wearing.stands.never') : $this->say('wearing.stands.fit', ['standing' => $standing]),
            default => $this->say("wearing.stands.{$requirement->key}", ['standing' => $standing]),
        };
    }

    /** "2 new, 1 taken out, 9 as before". */
    public function ladderChange(LadderChange $change): string
    {
        $counts = [];
        foreach ([StepChange::Added, StepChange::Removed, StepChange::Edited, StepChange::Moved, StepChange::Kept] as $kind) {
            $count = $change->count($kind);
            if ($count > 0) {
                $counts[] = $this->say('phrases.ladder_change', ['count' => $count, 'what' => $this->label($kind)]);
            }
        }

        return implode(', ', $counts);
    }

    /** Why no ladder was found, and what would open one. */
    public function noPath(NoPath $path, DimensionCatalog $catalog): string
    {
        $dimension = $path->dimension === null ? null : $catalog->dimension($path->dimension);
        $value = fn (float|string|null $of): string => $dimension === null || $of === null ? '' : $this->value($catalog, $dimension, $of);

        return $this->say("phrases.no_path.{$path->why->value}", [
            'room' => $value($path->room), 'easier' => $value($path->easier), 'harder' => $value($path->harder),
            'dimension' => $path->dimension === null ? '' : $this->dimension($catalog, $path->dimension),
            'rise' => round(($path->rise ?? 0.0) / 0.5, 1), 'most' => round(($path->most ?? 0.0) / 0.5, 1),
            'mayEase' => $path->mayEase,
        ]);
    }

    /** @param  list<string>  $words */
    public function list(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : $this->say('phrases.and', ['first' => implode(', ', $words), 'second' => (string) $last]);
    }

    /** With its first letter large, as at the start of a sentence. */
    public function capital(string $words): string
    {
        return preg_replace_callback('/^([⟦]*)(\pL)/u', static fn (array $found): string => $found[1].mb_strtoupper($found[2]), $words)
            ?? $words;
    }
}
