<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Catalogs;
use Cli\Command;
use Cli\Document;
use Cli\InputProblem;
use Core\Food\DailyEnergy;
use Core\Food\SessionFood;

/** What a session needs in pieces, and what comes off dinner for it. */
final readonly class Food implements Command
{
    public function __construct(private Catalogs $catalogs)
    {
    }

    public function name(): string
    {
        return 'food';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $catalog = $this->catalogs->food();
        $stage = $catalog->stages[$read->at('stage')->text()]
            ?? throw InputProblem::at('/stage', 'Choose one of '.implode(', ', array_keys($catalog->stages)).'.');
        $day = $read->at('kilograms')
            ->build(static fn (Document $of): DailyEnergy => DailyEnergy::of($of->number(), $stage, $catalog->treatShare));
        $number = static fn (string $field): float => $read->at($field)->number();
        $session = $read->build(static fn (): SessionFood => SessionFood::of(
            $day, $read->at('trials')->integer(), $read->at('piecesATrial')->number(1.0), $read->at('jackpots')->integer(),
            $number('pieceGrams'), $number('pieceKcal'), $number('mealKcal'),
        ));

        return [
            'resting' => $day->resting, 'need' => $day->need, 'treats' => $day->treats,
            'needed' => $session->needed, 'grams' => $session->grams, 'kcal' => $session->kcal, 'allowed' => $session->allowed,
            'offDinner' => $session->offDinner, 'moreThanADay' => $session->isMoreThanADay,
            ...(
                $read->has('unearned') ? ['backIntoDinner' => $read->at('unearned')->build(static fn (
                    Document $of,
                ): float => SessionFood::unearned($of->integer(), $number('pieceGrams'), $number('pieceKcal'), $number('mealKcal')))] : []
            ),
        ];
    }
}
