<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Engine\PlanReader;
use App\Input\OfPlan;
use App\Models\User;
use App\Support\Fields;
use Core\Decision\WorkingPlan;
use Core\Exception\InvalidLadder;
use Core\Exposure\DimensionKind;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Measure\Distance;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A ladder as the builder's form carries it: one text of JSON, what it was before, and what is to be done with it. */
final class LadderRequest extends FormRequest
{
    use OfPlan;

    private const MAX_CHARACTERS = 400_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ladder' => ['required', 'string', 'max:'.self::MAX_CHARACTERS],
            'before' => ['nullable', 'string', 'max:'.self::MAX_CHARACTERS],
            'edit' => ['nullable', 'string', 'regex:/^[a-z]{2,8}(:[a-z0-9_]{1,40}){0,2}$/'],
            'step' => ['nullable', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'ladder.*' => say('messages.ladder.the_ladder_did_not_arrive_whole'), 'edit.*' => say('messages.ladder.there_is_no_such_edit'),
        ];
    }

    public function edit(): string
    {
        return Fields::of($this->all())->text('edit');
    }

    /** Index of the step that the edit is about. */
    public function at(): int
    {
        return (int) (explode(':', $this->edit())[1] ?? 0);
    }

    public function ladder(): Ladder
    {
        return $this->read('ladder');
    }

    public function before(): ?Ladder
    {
        return $this->filled('before') ? $this->read('before') : null;
    }

    /**
     * The open step as data: numbers as numbers, distances in meters.
     *
     * @return array<string, mixed>
     */
    public function step(): array
    {
        $typed = is_array($this->input('step')) ? $this->input('step') : [];
        $number = static fn (mixed $value): mixed => is_string($value) && preg_match('/^\d{1,4}$/', trim($value)) === 1
            ? (int) $value
            : $value;
        $criterion = array_filter(
            [
                'run' => $number($typed['run'] ?? ''), 'window' => $number($typed['window'] ?? ''),
                'sessions' => $number($typed['sessions'] ?? ''), 'days' => $number($typed['days'] ?? ''),
            ],
            static fn (mixed $value): bool => $value !== '' && $value !== 0 && $value !== null,
        );
        $values = [];
        foreach (is_array($typed['at'] ?? null) ? $typed['at'] : [] as $key => $value) {
            $values[(string) $key] = $this->value((string) $key, is_scalar($value) ? trim((string) $value) : '');
        }

        return [
            'do' => $typed['do'] ?? '', 'at' => $values, 'criterion' => [...$criterion, 'newBehavior' => ($typed['new'] ?? '') === '1'],
            'food' => $typed['food'] ?? '', 'posture' => $typed['posture'] ?? '', 'who' => $typed['who'] ?? '',
            'hands' => $number($typed['hands'] ?? ''), 'eyes' => $number($typed['eyes'] ?? ''),
            'strands' => is_array($typed['strands'] ?? null) ? array_values($typed['strands']) : [],
        ];
    }

    private function value(string $key, string $typed): float|string
    {
        $catalog = $this->inCore()->catalog;
        $typed = str_replace(',', '.', $typed);
        if (! $catalog->has($key) || ! $catalog->dimension($key)->kind->isMeasured() || ! is_numeric($typed)) {
            return $typed;
        }
        $isDistance = $catalog->dimension($key)->kind === DimensionKind::Distance
            && (float) $typed > 0.0
            && (float) $typed < Distance::MAX_METERS / $this->signedIn()->units()->distance->meters();

        return $isDistance
            ? round(Distance::from((float) $typed, $this->signedIn()->units()->distance)->meters, 4)
            : $catalog->dimension($key)->toStored((float) $typed);
    }

    private function read(string $field): Ladder
    {
        $rows = json_decode(Fields::of($this->all())->text($field), true, 16);
        try {
            return LadderData::read(is_array($rows) ? $rows : [], $this->inCore()->catalog);
        } catch (InvalidLadder $problem) {
            throw ValidationException::withMessages([
                'ladder' => trim("{$problem->pointer} ".words()->error($problem, $this->inCore()->catalog)),
            ]);
        }
    }

    private function inCore(): WorkingPlan
    {
        return $this->container->make(PlanReader::class)->read($this->plan());
    }

    private function signedIn(): User
    {
        return $this->user() ?? throw new \LogicException('The route asks for a signed-in user.');
    }
}
