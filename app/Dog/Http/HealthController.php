<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\KeepHealth;
use App\Input\PastDay;
use App\Models\Dog;
use App\Models\HealthEntry;
use App\Models\HealthKind;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What is written down of a dog's health, with days. */
final readonly class HealthController
{
    /** Of a cat-sized puppy and of the heaviest dog there ever was, with room. */
    private const KILOGRAMS = [0.2, 160.0];

    public function __construct(private KeepHealth $health)
    {
    }

    public function show(Dog $dog): View
    {
        Gate::authorize('train', $dog);

        return view('pages.dogs.health', ['dog' => $dog, 'entries' => KeepHealth::of($dog)]);
    }

    public function store(Request $request, Dog $dog, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('train', $dog);
        $units = words()->reader->units;
        [$from, $to] = array_map(static fn (float $kilograms): float => $units->fromMetric($kilograms, 'kg'), self::KILOGRAMS);
        $isWeight = $request->input('kind') === HealthKind::Weight->value;
        $given = Fields::of($request->validate([
            'kind' => ['required', Rule::enum(HealthKind::class)],
            'health_name' => [$isWeight ? 'nullable' : 'required', 'string', 'max:120'],
            'weight' => [$isWeight ? 'required' : 'nullable', 'numeric', "between:{$from},{$to}"],
            'weighed_on' => PastDay::rules($isWeight ? 'required' : 'nullable'),
            'from_on' => PastDay::rules($isWeight ? 'nullable' : 'required'),
            'until_on' => [...PastDay::rules('nullable'), 'after_or_equal:from_on'],
        ], self::problems()));
        $weight = $given->numberOrNull('weight');
        $kind = HealthKind::from($given->text('kind'));
        $this->health->add(
            $user, $dog, $kind, $isWeight ? '' : $given->text('health_name'),
            $isWeight && $weight !== null ? $units->toMetric($weight, 'kg') : null, $given->text($isWeight ? 'weighed_on' : 'from_on'),
            $isWeight ? null : $given->textOrNull('until_on'),
        );

        return redirect()->route('health.show', $dog)
            ->with('status', say('messages.saved.kept', ['what' => say("dogs.health.kinds.{$kind->value}")]));
    }

    public function update(Request $request, HealthEntry $entry, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('train', $entry->dog);
        $given = Fields::of($request->validate(
            ['until_on' => [...PastDay::rules('nullable'), 'after_or_equal:'.words()->formats->iso($entry->from_on)]], self::problems(),
        ));
        $this->health->end($user, $entry, $given->textOrNull('until_on'));

        return redirect()->route('health.show', $entry->dog)->with('status', say('account.saved'));
    }

    public function destroy(HealthEntry $entry, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('train', $entry->dog);
        $this->health->takeOut($user, $entry);

        return redirect()->route('health.show', $entry->dog)->with('status', say('dogs.health.taken_out'));
    }

    /** @return array<string, string> */
    private static function problems(): array
    {
        [$from, $to] = array_map(words()->formats->kilograms(...), self::KILOGRAMS);

        return [
            'kind.*' => say('dogs.health.problems.kind'), 'health_name.*' => say('dogs.health.problems.name'),
            'weight.*' => say('dogs.health.problems.weight', ['from' => $from, 'to' => $to]),
            'weighed_on.*' => say('dogs.health.problems.from'),
            'from_on.*' => say('dogs.health.problems.from'), 'until_on.*' => say('dogs.health.problems.until'),
        ];
    }
}
