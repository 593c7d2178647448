<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\State\ChangeState;
use App\Engine\State\PlaceState;
use App\Engine\State\RangeState;
use App\Engine\State\SessionState;
use App\Words\AdviceInWords;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Measure\Probability;
use Words\Phrases;

/**
 * A session's state as one reader is shown it: in that reader's language and units. What comes out is what
 * resources/contract/session-state.json describes.
 *
 * @phpstan-type ToldPlace array{values: object, words: string, detail: string, big: string, distance: ?float,
 *    play: ?array{fraction: ?float, seconds: float, onset: float}, aim?: string}
 */
final readonly class StateInWords
{
    private AdviceInWords $advice;

    public function __construct(private Phrases $words, private DimensionCatalog $catalog)
    {
        $this->advice = new AdviceInWords($words, $catalog);
    }

    /** @return array<string, mixed> */
    public function of(SessionState $state): array
    {
        $advice = $state->advice;
        $place = fn (?PlaceState $place): ?array => $place === null ? null : $this->place($place, $state->unsaid);

        return [
            ...self::named($state),
            'advice' => [
                'id' => $advice->id, 'aim' => $advice->aim, 'action' => $advice->action->value,
                'label' => $this->advice->action($advice->action, $advice->isClosing), 'next' => $place($advice->next),
                'reasons' => array_map(fn (array $reason): array => [
                    'code' => is_string($reason['code'] ?? null) ? $reason['code'] : '', 'sentence' => $this->advice->reason($reason),
                ], $advice->reasons),
                'alternatives' => array_map(fn (ChangeState $other): array => [
                    ...self::named($other), 'change' => $this->advice->change(self::named($other)),
                ], $advice->alternatives),
                'risk' => $advice->risk === null
                    ? null
                    : ['strain' => $this->range($advice->risk->strain), 'reaction' => $this->range($advice->risk->reaction)],
            ],
            'here' => $place($state->here),
            'easier' => array_map($place, $state->easier),
        ];
    }

    /**
     * @param  list<string>  $unsaid
     * @return ToldPlace a place that a device can show and be at
     */
    public function place(PlaceState $place, array $unsaid): array
    {
        $exposure = Exposure::of($place->values, $this->catalog);
        $words = $this->words->exposure($exposure, $this->catalog, $unsaid);
        $instruction = $this->words->toward($place->instruction, $place->onTheWay);
        $distance = $exposure->distance();

        return [
            // named values, also where there are none
            'values' => (object) $place->values,
            'words' => $instruction === '' ? $words : $instruction,
            'detail' => $instruction === '' ? '' : $words,
            'big' => $distance === null ? ($instruction === '' ? $words : $instruction) : $this->words->formats->distance($distance),
            'distance' => $distance === null ? null : round($distance->as($this->words->reader->units->distance), 1),
            'play' => $place->play,
            ...$place->aim === null ? [] : ['aim' => $place->aim],
        ];
    }

    /** @return array{mean: float, bound: float, limit: float, words: string} */
    private function range(RangeState $range): array
    {
        $words = $this->words->say('phrases.at_most', [
            'chance' => $this->words->formats->chance(Probability::of($range->bound)),
            'cap' => $this->words->formats->chance(Probability::of($range->limit)),
        ]);

        return ['mean' => $range->mean, 'bound' => $range->bound, 'limit' => $range->limit, 'words' => $words];
    }

    /** @return array<string, mixed> what a device is told as it is */
    private static function named(SessionState|ChangeState $part): array
    {
        $named = [];
        foreach (get_object_vars($part) as $name => $value) {
            $named[(string) $name] = $value;
        }
        // only words go by it
        unset($named['unsaid']);

        return $named;
    }
}
