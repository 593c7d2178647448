<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\KitCheck;
use App\Library\CautionRepository;
use App\Models\Dog;
use Core\Exception\InvalidMeasure;
use Core\Food\FoodCatalog;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\Rule;

/** Fit and food for a dog: numbers worked out from the address alone, nothing stored. */
final readonly class KitController
{
    public function show(Request $request, Dog $dog, CautionRepository $cautions): View
    {
        Gate::authorize('view', $dog);
        /** @var array<mixed> $data */
        $data = json_decode((string) file_get_contents(base_path('core/data/food.json')), true, flags: JSON_THROW_ON_ERROR);
        $food = FoodCatalog::fromArray($data);
        $which = $request->string('check')->value();
        $shown = ['findings' => null, 'food' => null];
        if (isset(KitCheck::FIELDS[$which])) {
            $shown = [...$shown, ...$this->answer($request, $which, $food)];
        }

        return view('pages.dogs.kit', [
            'dog' => $dog, 'which' => $which, 'stages' => $food->stages, 'source' => say('food.source'),
            'limits' => $dog->intake?->food_limits, 'guards' => $dog->intake?->guards_food === true,
            'cautions' => $cautions->keyed(['food', 'muzzle', 'collar', 'halter', 'fit']), ...$shown,
        ]);
    }

    /**
     * As typed in the reader's units.
     *
     * @param  array<string, mixed>  $typed
     * @param  array<string, string>  $units  metric, by field
     * @return array<string, ?float>
     */
    private function inMetric(array $typed, array $units): array
    {
        $found = [];
        foreach ($typed as $field => $value) {
            $found[$field] = is_numeric($value) ? words()->reader->units->toMetric((float) $value, $units[$field]) : null;
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private function answer(Request $request, string $which, FoodCatalog $food): array
    {
        $rules = ['stage' => $which === 'food' ? ['required', Rule::in(array_keys($food->stages))] : ['nullable']];
        $names = [];
        foreach (array_keys(KitCheck::FIELDS[$which]) as $field) {
            $rules[$field] = [in_array($field, KitCheck::OPTIONAL, true) ? 'nullable' : 'required', 'numeric', 'between:0,1000'];
            $names[$field] = say("options.gear_field.{$field}");
        }
        $input = array_map(
            static fn (mixed $value): mixed => is_string($value) ? str_replace(',', '.', trim($value)) : $value,
            $request->only(array_keys($rules)),
        );
        $validator = Validator::make(
            $input, $rules,
            [
                'stage.*' => say('messages.kit.stage'), 'required' => say('messages.kit.attribute_measure_it_and_type_the'),
                'numeric' => say('messages.kit.attribute_type_a_number_for_example'),
                'between' => say('messages.kit.attribute_that_cannot_be'),
            ],
            $names,
        );
        if ($validator->fails()) {
            return $this->told($validator->errors());
        }
        $numbers = $this->inMetric(array_intersect_key($validator->validated(), KitCheck::FIELDS[$which]), KitCheck::FIELDS[$which]);
        try {
            return match ($which) {
                'basket', 'collar', 'harness' => ['findings' => KitCheck::fit($which, $numbers)],
                default => ['food' => KitCheck::food($food, $food->stages[$request->string('stage')->value()], $numbers)],
            };
        } catch (InvalidMeasure $problem) {
            return $this->told(new MessageBag([$which => words()->error($problem)]));
        }
    }

    /** @return array<string, mixed> */
    private function told(MessageBag $messages): array
    {
        view()->share('errors', (new ViewErrorBag)->put('default', $messages));

        return [];
    }
}
