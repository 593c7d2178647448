<?php

declare(strict_types=1);

namespace App\Session;

use App\Words\AdviceInWords;
use Core\Decision\Action;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Measure\Probability;
use Words\Phrases;

/**
 * A session's state as one reader is shown it: in that reader's language and units.
 *
 * @phpstan-type Told array{instruction: string, onTheWay: bool, values: array<string, float|int|string>, play?: mixed, aim?: string}
 */
final readonly class StateInWords
{
    public function __construct(private Phrases $words, private DimensionCatalog $catalog)
    {
    }

    /**
     * @param  array<string, mixed>  $state  as SessionState keeps it
     * @return array<string, mixed>
     */
    public function of(array $state): array
    {
        /** @var list<string> $unsaid */
        $unsaid = $state['unsaid'] ?? [];
        /**
         * @var array{action: string, isClosing: bool, next: ?Told, reasons: list<array<string, mixed>>, alternatives: list<array<string,
         *    mixed>>, risk: ?array<string, array{mean: float, bound: float, limit: float}>} $advice
         */
        $advice = $state['advice'];
        $inWords = new AdviceInWords($this->words, $this->catalog);
        /** @var list<Told> $easier */
        $easier = $state['easier'] ?? [];
        /** @var ?Told $here */
        $here = $state['here'] ?? null;
        unset($state['unsaid']);

        return [
            ...$state,
            'advice' => [
                ...$advice,
                'label' => $inWords->action(Action::from($advice['action']), $advice['isClosing']),
                'next' => $advice['next'] === null ? null : $this->place($advice['next'], $unsaid),
                'reasons' => array_map(
                    static fn (array $reason): array => ['code' => $reason['code'] ?? '', 'sentence' => $inWords->reason($reason)],
                    $advice['reasons'],
                ),
                'alternatives' => array_map(
                    static fn (array $other): array => [...$other, 'change' => $inWords->change($other)], $advice['alternatives'],
                ),
                'risk' => $advice['risk'] === null ? null : array_map($this->range(...), $advice['risk']),
            ],
            'here' => $here === null ? null : $this->place($here, $unsaid),
            'easier' => array_map(fn (array $level): array => $this->place($level, $unsaid), $easier),
        ];
    }

    /**
     * @param  Told  $told
     * @param  list<string>  $unsaid
     * @return array<string, mixed> a place that a device can show and be at
     */
    public function place(array $told, array $unsaid): array
    {
        $exposure = Exposure::of($told['values'], $this->catalog);
        $words = $this->words->exposure($exposure, $this->catalog, $unsaid);
        $instruction = $this->words->toward($told['instruction'], $told['onTheWay']);
        $distance = $exposure->distance();

        return [
            ...$told,
            'words' => $instruction === '' ? $words : $instruction,
            'detail' => $instruction === '' ? '' : $words,
            'big' => $distance === null ? ($instruction === '' ? $words : $instruction) : $this->words->formats->distance($distance),
            'distance' => $distance === null ? null : round($distance->as($this->words->reader->units->distance), 1),
        ];
    }

    /**
     * @param  array{mean: float, bound: float, limit: float}  $range
     * @return array{mean: float, bound: float, limit: float, words: string}
     */
    private function range(array $range): array
    {
        return [...$range, 'words' => $this->words->say('phrases.at_most', [
            'chance' => $this->words->formats->chance(Probability::of($range['bound'])),
            'cap' => $this->words->formats->chance(Probability::of($range['limit'])),
        ])];
    }
}
