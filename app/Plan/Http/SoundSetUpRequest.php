<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Engine\PlanReader;
use App\Input\OfPlan;
use App\Models\Plan;
use App\Models\SoundSetUp;
use App\Plan\SoundDraft;
use Core\Exposure\DimensionKey;
use Core\Exposure\PlanKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** The set-up of a sound plan, changed while it runs. It holds for every plan of this sound and this person. */
final class SoundSetUpRequest extends FormRequest
{
    use OfPlan {
        authorize as mayUpdate;
    }

    public function authorize(): bool
    {
        abort_unless($this->plan()->responseModel->kind === PlanKind::Sound, 404);

        return $this->mayUpdate();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = SoundFields::rules($this->boolean('ceiling_confirmed'));
        if ($this->before()?->read_level !== null) {
            $rules['read_level'][0] = 'required';
        }

        return ['ceiling' => ['required', ...array_slice($rules['ceiling'], 1)], ...array_diff_key($rules, ['ceiling' => true])];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return SoundFields::messages();
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $after = new SoundSetUp(SoundFields::draft($validator->validated())->columns($this->before()));
            $loudest = $this->loudest();
            if ($loudest !== null && $after->scale()->isOver($loudest, $after->ceiling)) {
                $validator->errors()->add('ceiling', say('messages.sound.ladder_over_ceiling', ['level' => words()->level(
                    $this->container->make(PlanReader::class)
                        ->read($this->plan())->catalog->withLevels($after->scale())->dimension(DimensionKey::Level->value),
                    $loudest,
                )]));
            }
        });
    }

    public function draft(): SoundDraft
    {
        return SoundFields::draft($this->validated());
    }

    private function before(): ?SoundSetUp
    {
        return SoundSetUp::of($this->plan()->responseModel);
    }

    /** The hardest level that any ladder of this sound asks for, as kept. */
    private function loudest(): ?float
    {
        $reader = $this->container->make(PlanReader::class);
        $levels = [];
        foreach (Plan::query()->where('response_model_id', $this->plan()->response_model_id)->limit(50)->get() as $plan) {
            foreach ($reader->read($plan)->ladder->steps as $step) {
                $levels[] = (float) ($step->exposure->values['level'] ?? 0.0);
            }
        }

        return $levels === [] ? null : max($levels);
    }
}
