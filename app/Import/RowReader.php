<?php

declare(strict_types=1);

namespace App\Import;

use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Models\Homework;
use App\Models\Import;
use App\Models\ImportKind;
use App\Models\Plan;
use App\Models\Practice;
use App\Support\Fields;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Sign\Band;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;

/** Reads rows of one file: everything that is known is read once, and each row is looked at by itself. */
final class RowReader
{
    private const LONGEST_MINUTES = 240.0;

    private const LONGEST_HOLD = 3600.0;

    private const MOST_REPS = 50.0;

    /** @var array<int, list<Plan>> by dog */
    private array $plans = [];

    /** @var array<int, list<Homework>> by dog, the newest first */
    private array $homework = [];

    /** @var array<string, string> codes of signs by what they are called */
    private array $signs;

    private \DateTimeZone $zone;

    private function __construct(
        private readonly ImportKind $kind, private readonly Matching $matching, private readonly Choices $choices,
        private readonly PlanReader $reader, private readonly \DateTimeImmutable $now, Practice $practice, CoreCatalogs $catalogs,
    ) {
        $this->zone = $practice->zone();
        $this->signs = [];
        foreach (array_keys($catalogs->signs->signs) as $code) {
            $this->signs[Matching::plain(words()->sign($code))] = $code;
            $this->signs[Matching::plain($code)] = $code;
        }
        foreach (Plan::query()->withTrashed()->where('practice_id', $practice->id)
            ->with(['responseModel.dog.intake', 'responseModel.trigger', 'responseModel.person', 'place', 'steps'])->orderBy('id')
            ->get() as $plan) {
            $this->plans[$plan->responseModel->dog_id][] = $plan;
        }
        foreach (Homework::query()->where('practice_id', $practice->id)->orderByDesc('id')->get() as $one) {
            $this->homework[$one->dog_id][] = $one;
        }
    }

    public static function of(
        Import $import, Choices $choices, PlanReader $reader, CoreCatalogs $catalogs, \DateTimeImmutable $now,
    ): self {
        return new self(
            $import->kind, Matching::fromArray($import->matching), $choices, $reader, $now, $import->practice, $catalogs,
        );
    }

    /** @param  list<string>  $row */
    public function read(array $row): ReadRow
    {
        $cells = new Cells($row, $this->matching, $this->choices);
        $dog = $cells->id('dog', true);
        $moment = $cells->moment($this->zone, $this->now);
        $read = match ($this->kind) {
            ImportKind::Trials => $this->trial($cells, $dog),
            ImportKind::Sessions => $this->session($cells, $dog),
            ImportKind::Weights => ['kilograms' => $this->weight($cells)],
            ImportKind::Upsets => ['severity' => (int) $cells->number('severity', 1.0, 4.0, true)],
            ImportKind::Home => [
                'task' => $this->task($cells, $dog), 'times' => (int) $cells->number('times', 1.0, self::MOST_REPS, true),
            ],
        };
        if ($cells->problems() !== [] || $moment === null) {
            return new ReadRow($cells->problems());
        }
        [$at, $isTimed] = $moment;
        $known = Fields::of($read);
        $data = [...$read, 'dog' => $dog, 'isTimed' => $isTimed,
            'note' => mb_substr(trim("{$known->text('note')} {$cells->text('note')}"), 0, 500)];
        $session = in_array($this->kind, [ImportKind::Trials, ImportKind::Sessions], true)
            ? "{$known->int('plan')}|{$known->int('person')}|{$known->int('place')}|{$at->format('Y-m-d')}"
            : '';

        return new ReadRow([], $data, $at, $session);
    }

    private function weight(Cells $cells): ?float
    {
        $kilograms = $this->matching->weight === 'lb' ? 0.45359237 : 1.0;
        $weight = $cells->number('weight', 0.3 / $kilograms, 120.0 / $kilograms, true);

        return $weight === null ? null : round($weight * $kilograms, 2);
    }

    /** @return array<string, mixed> */
    private function session(Cells $cells, ?int $dog): array
    {
        $plan = $this->plan($cells, $dog);

        return [
            'plan' => $plan?->id, 'person' => $this->person($cells, $plan), 'place' => $cells->id('place', false),
            'minutes' => (int) $cells->number('minutes', 1.0, self::LONGEST_MINUTES, true),
        ];
    }

    /** @return array<string, mixed> */
    private function trial(Cells $cells, ?int $dog): array
    {
        $plan = $this->plan($cells, $dog);
        $outcome = Outcome::tryFrom($cells->key('outcome', true) ?? '');
        $band = $cells->id('band', false);
        $isDistance = $plan?->responseModel->kind === PlanKind::Presence;
        $per = $this->matching->distance->meters();
        $distance = $cells->number('distance', Distance::MIN_METERS / $per, Distance::MAX_METERS / $per, $isDistance);
        if ($outcome !== null && $plan !== null && ! in_array($outcome, Outcome::ofKind($plan->responseModel->kind), true)) {
            $cells->problem('outcome', RowProblem::Contradicts);
        }
        if ($outcome !== null && $band !== null && (($outcome->effect() === OutcomeEffect::Over) !== ($band === Band::Over->value))
            && in_array($outcome->effect(), [OutcomeEffect::Over, OutcomeEffect::Success], true)) {
            $cells->problem('band', RowProblem::Contradicts);
        }
        $latency = $cells->number('latency', 0.0, 600.0, false);
        $hold = $cells->number('hold', 0.0, self::LONGEST_HOLD, false);
        [$signs, $rest] = $this->signs($cells->text('signs'));

        return [
            'plan' => $plan?->id, 'person' => $this->person($cells, $plan), 'place' => $cells->id('place', false),
            'aim' => $plan === null ? '' : $this->aim($cells, $plan, $isDistance),
            'distance' => $distance === null ? null : round($distance * $per, 3), 'outcome' => $outcome?->value, 'band' => $band,
            'signs' => $signs, 'food' => $cells->key('food', false) ?? '',
            'latency_ms' => $latency === null ? null : (int) round(1000 * $latency),
            'hold_ms' => $hold === null ? null : (int) round(1000 * $hold),
            'traits' => array_slice(array_values(array_filter(array_map(
                static fn (string $one): string => mb_substr(trim((string) preg_replace('/\p{C}/u', '', $one)), 0, 40),
                preg_split('/[;,]/', $cells->text('traits')) ?: [],
            ))), 0, 12),
            // what is no sign of ours is not lost
            'note' => $rest === [] ? '' : implode(', ', $rest).'.',
        ];
    }

    /** By its own words, by what it is about, or the only one this dog has. */
    private function plan(Cells $cells, ?int $dog): ?Plan
    {
        if ($dog === null) {
            return null;
        }
        $plans = $this->plans[$dog] ?? [];
        $text = Matching::plain($cells->text('plan'));
        $found = array_values(array_filter($plans, static fn (Plan $plan): bool => in_array(
            $text, [Matching::plain($plan->name), Matching::plain($plan->responseModel->trigger->name)], true,
        )));
        $mapped = $this->matching->values['plan'][$text] ?? null;
        if ($text === '' && count($plans) === 1) {
            return $plans[0];
        }
        if (($mapped ?? '') !== '') {
            $found = array_values(array_filter($plans, static fn (Plan $plan): bool => "p{$plan->id}" === $mapped));
            if ($found === []) {
                $cells->problem('plan', RowProblem::NotItsPlan);

                return null;
            }
        }
        if (count($found) !== 1) {
            $cells->problem('plan', RowProblem::WhichPlan);

            return null;
        }

        return $found[0];
    }

    /** Homework of this dog by its name, or as it was matched. */
    private function task(Cells $cells, ?int $dog): ?int
    {
        if ($dog === null) {
            return null;
        }
        $text = Matching::plain($cells->text('task'));
        $mapped = $this->matching->values['task'][$text] ?? '';
        $found = array_values(array_filter(
            $this->homework[$dog] ?? [],
            static fn (Homework $one): bool => $mapped === '' ? Matching::plain($one->name) === $text : "h{$one->id}" === $mapped,
        ));
        if ($found === []) {
            $cells->problem('task', $text === '' ? RowProblem::Missing : ($mapped === '' ? RowProblem::Unknown : RowProblem::NotItsPlan));
        }

        return $found[0]->id ?? null;
    }

    private function person(Cells $cells, ?Plan $plan): ?int
    {
        return $cells->id('person', false) ?? $plan?->responseModel->person_id;
    }

    private function aim(Cells $cells, Plan $plan, bool $isDistance): string
    {
        $text = $cells->text('step');
        $steps = $this->reader->read($plan)->ladder->steps;
        if ($text === '') {
            if (! $isDistance) {
                $cells->problem('step', RowProblem::Missing);
            }

            return '';
        }
        foreach ($steps as $position => $step) {
            if ($text === (string) ($position + 1) || Matching::plain($step->manner->instruction) === Matching::plain($text)) {
                return "step:{$position}";
            }
        }
        $cells->problem('step', RowProblem::WhichStep);

        return '';
    }

    /** @return array{list<string>, list<string>} codes, and what is no sign of ours */
    private function signs(string $text): array
    {
        $codes = $rest = [];
        foreach (explode(';', $text) as $several) {
            // a sign may have a comma of its own
            $isOne = isset($this->signs[Matching::plain($several)]);
            foreach ($isOne ? [$several] : (preg_split('/[,\/]/', $several) ?: []) as $one) {
                $code = $this->signs[Matching::plain($one)] ?? null;
                if ($code !== null) {
                    $codes[] = $code;
                } elseif (trim($one) !== '') {
                    $rest[] = trim($one);
                }
            }
        }

        return [array_values(array_unique($codes)), $rest];
    }
}
