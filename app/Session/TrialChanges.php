<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\DogCatalogs;
use App\Engine\ExposureColumns;
use App\Engine\PlanReader;
use App\Models\Session;
use App\Support\Fields;
use Core\Decision\LoggedTrial;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Sign\Outcome;
use Illuminate\Validation\Rule;

/** What is put right about a trial: any part of it, each told alone. What is not sent stays as it is. */
final readonly class TrialChanges
{
    public function __construct(private TrialRules $rules, private DogCatalogs $catalogs, private PlanReader $plans)
    {
    }

    /**
     * @param  mixed  $exposure  the dimensions sent
     * @return array<string, list<mixed>>
     */
    public function rules(Session $session, DistanceUnit $unit, mixed $exposure, ?LoggedTrial $stored): array
    {
        $ofATrial = array_diff_key(
            $this->rules->of($session, $unit, $exposure),
            array_flip(['uuid', 'sequence', 'device_at', 'sent_at', 'aim', 'device']),
        );

        return [
            ...$ofATrial,
            'distance' => ['sometimes', 'required', ...array_slice($ofATrial['distance'], 1)],
            'step' => ['nullable', 'integer', 'between:0,'.$this->plans->read($session->plan)->ladder->top()],
            // those of its kind; the stored one is always among them, as a form sends back what it was given
            'outcome' => ['sometimes', 'required', Rule::enum(Outcome::class)->only([
                ...Outcome::ofKind($session->plan->responseModel->kind), ...($stored === null ? [] : [$stored->outcome]),
            ])],
            'band' => ['sometimes', 'required', ...array_slice($ofATrial['band'], 1)],
            'food' => ['sometimes', 'required', ...array_slice($ofATrial['food'], 1)],
        ];
    }

    /**
     * @param  array<mixed>  $data  checked by the rules above
     * @param  array{note: string, slip: string, traits: string}  $marks  as they stand
     * @return array<string, scalar> what differs from the trial as it stands; nothing else is touched
     */
    public function of(array $data, LoggedTrial $stored, array $marks, Session $session, DistanceUnit $unit): array
    {
        $given = Fields::of($data);
        // a form tells that food was gone, the record that some was left
        $sent = isset($data['food_gone']) ? [...$data, 'food_left' => true] : $data;
        // a kind of slip says that there was one, as when it is logged
        $sent = $given->text('slip') === '' ? $sent : [...$sent, 'handler_error' => true];
        $told = array_intersect_key([
            'outcome' => $given->text('outcome'),
            'band' => $given->int('band'),
            'food' => $given->text('food'),
            'interrupted' => (int) $given->isOn('interrupted'),
            'handler_error' => (int) ($given->isOn('handler_error') || $given->text('slip') !== ''),
            'food_left' => (int) ! $given->isOn('food_gone'),
            'note' => trim($given->text('note')),
            'signs' => self::joined($given->texts('signs')),
            'slip' => $given->text('slip'),
            'traits' => implode(';', TrialParser::traits($given->texts('traits'))),
        ], $sent);
        $changes = array_diff_assoc($told, [
            'outcome' => $stored->outcome->value,
            'band' => $stored->band->value,
            'food' => $stored->food->value,
            'interrupted' => (int) $stored->interrupted,
            'handler_error' => (int) $stored->handlerError,
            'food_left' => (int) $stored->foodLeft,
            'note' => $marks['note'],
            'signs' => self::joined($stored->signs),
            'slip' => $marks['slip'],
            'traits' => $marks['traits'],
        ]);
        $exposure = $this->exposure($given, $stored->exposure, $session, $unit);

        return $exposure->equals($stored->exposure) ? $changes : [...$changes, 'exposure' => ExposureColumns::toText($exposure)];
    }

    /** A step named brings all its values; then come those that were changed by hand. */
    private function exposure(Fields $given, Exposure $stored, Session $session, DistanceUnit $unit): Exposure
    {
        $step = $given->intOrNull('step');
        $base = $step === null ? [] : $this->plans->read($session->plan)->ladder->step($step)->exposure->values;
        $catalog = $this->catalogs->of($session->plan->responseModel);
        $values = [...$stored->values, ...$base];
        foreach ($given->list('exposure') as $key => $value) {
            $text = is_scalar($value) ? (string) $value : '';
            $key = (string) $key;
            $dimension = $catalog->dimension($key);
            $was = $stored->values[$key] ?? null;
            if ($text === '') {
                unset($values[$key]);
            } elseif (! $dimension->kind->isMeasured()) {
                $values[$key] = $text === $was ? $values[$key] : $text;
            } elseif ($was === null || self::isTyped((float) $text, $dimension->toDisplayed((float) $was))) {
                $values[$key] = $dimension->toStored((float) $text);
            }
        }
        $was = $stored->distance();
        $distance = $given->numberOrNull('distance');
        if ($distance !== null && ($was === null || self::isTyped($distance, $was->as($unit)))) {
            $values[DimensionKey::Distance->value] = Distance::from($distance, $unit)->meters;
        }

        return Exposure::of($values, $catalog);
    }

    /** A field that shows a tenth does not change the hundredths. */
    private static function isTyped(float $typed, float $was): bool
    {
        return abs($typed - round($was, 1)) > 1e-9;
    }

    /** @param  list<string>  $signs */
    private static function joined(array $signs): string
    {
        $signs = array_unique(array_filter($signs));
        sort($signs);

        return implode(';', $signs);
    }
}
