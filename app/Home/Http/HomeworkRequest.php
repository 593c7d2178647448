<?php

declare(strict_types=1);

namespace App\Home\Http;

use App\Access\InSight;
use App\Engine\PlanReader;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\User;
use App\Support\Fields;
use Core\Homework\HomeworkKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** What a home is asked to practice: from a step of a plan, or in one's own words. */
final class HomeworkRequest extends FormRequest
{
    public const TIMES = [1, 2, 3, 5, 10];

    /** Days it goes on; 0: until it is ended. */
    public const DAYS = [7, 14, 28, 0];

    private const MOST_OTHERS = 60;

    public function authorize(): bool
    {
        return Gate::authorize('plan', $this->dog())->allowed();
    }

    /** @return array<string, array<mixed>> */
    public function rules(): array
    {
        $isOwn = $this->plan() === null;

        return [
            'kind' => [$isOwn ? 'required' : 'nullable', Rule::enum(HomeworkKind::class)],
            'step' => [$isOwn ? 'nullable' : 'required', 'integer', 'min:0', 'max:200'],
            'homework_name' => [$isOwn ? 'required' : 'nullable', 'string', 'max:80'],
            'what' => [$isOwn ? 'required' : 'nullable', 'string', 'max:400'],
            'counts_when' => ['nullable', 'string', 'max:200'], 'stop_when' => ['nullable', 'string', 'max:200'],
            'word' => ['nullable', 'string', 'max:60'], 'gear' => ['nullable', 'string', 'max:120'],
            'pieces' => ['nullable', 'integer', 'between:1,200'], 'hold_seconds' => ['nullable', 'integer', 'between:1,3600'],
            'times_a_day' => ['required', 'integer', 'between:1,20'],
            'days' => ['required', 'integer', Rule::in(self::DAYS)],
            'after_id' => ['nullable', 'integer', Rule::exists('homework', 'id')->where('dog_id', $this->dog()->id)->whereNull('ended_at')],
            'good_days' => ['nullable', 'required_with:after_id', 'integer', 'between:1,14'],
            'others' => ['nullable', 'array', 'max:'.self::MOST_OTHERS], 'others.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [];
        foreach ([
            'kind', 'step', 'homework_name', 'what', 'counts_when', 'stop_when', 'word', 'gear', 'pieces', 'hold_seconds', 'times_a_day',
            'days', 'after_id', 'good_days', 'others',
        ] as $field) {
            $messages["{$field}.*"] = say("homework.problems.{$field}");
        }

        return $messages;
    }

    public function dog(): Dog
    {
        $dog = $this->route('dog');

        return $dog instanceof Dog ? $dog : throw new \LogicException('The route binds a dog.');
    }

    /** Null for a task in one's own words; a plan of another dog is none. */
    public function plan(): ?Plan
    {
        $id = Fields::of($this->all())->intOrNull('plan_id');

        return $id === null ? null : $this->dog()->plans()->whereKey($id)->with('responseModel')->first();
    }

    /** @return array{HomeworkKind, array<string, array<string, float|string>|int|string|null>} */
    public function task(PlanReader $plans, ClockInterface $clock): array
    {
        $told = Fields::of($this->validated());
        $plan = $this->plan();
        $kind = $plan === null
            ? HomeworkKind::from($told->text('kind'))
            : HomeworkKind::of($plan->responseModel->kind, $plan->method);
        $proposed = $plan === null ? [] : TaskFromStep::words($plans->read($plan), $told->int('step'), $kind);
        $now = $clock->now()->setTimezone($this->dog()->practice->zone());
        $or = static fn (string $field, string $usual): string => trim($told->text($field)) === '' ? $usual : trim($told->text($field));

        return [$kind, [
            'name' => $or('homework_name', $plan->name ?? ''), 'what' => $or('what', $proposed['what'] ?? ''),
            'counts_when' => $or('counts_when', say("homework.usual.counts_when.{$kind->value}")),
            'stop_when' => $or('stop_when', say("homework.usual.stop_when.{$kind->value}")),
            'word' => trim($told->text('word')), 'gear' => trim($told->text('gear')), 'pieces' => $told->intOrNull('pieces'),
            'hold_seconds' => $told->intOrNull('hold_seconds') ?? $proposed['hold_seconds'] ?? null,
            // words of one's own may ask for anything: they are no evidence of the step
            'exposure' => trim($told->text('what')) === '' ? $proposed['exposure'] ?? null : null,
            'times_a_day' => $told->int('times_a_day'), 'from_on' => $now->format('Y-m-d'),
            'until_on' => $told->int('days') === 0 ? null : $now->modify('+'.($told->int('days') - 1).' days')->format('Y-m-d'),
            'after_id' => $told->intOrNull('after_id'),
            'good_days' => $told->intOrNull('after_id') === null ? null : $told->int('good_days'),
        ]];
    }

    /** @return list<Dog> of a class, as far as this user trains them */
    public function others(User $user): array
    {
        $ids = array_filter(array_map(
            static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, Fields::of($this->validated())->list('others'),
        ));

        return array_values(InSight::dogsInTraining($user)->whereKey($ids)->whereKeyNot($this->dog()->id)->limit(self::MOST_OTHERS)
            ->get()->all());
    }
}
