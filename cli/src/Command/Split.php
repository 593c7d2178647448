<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;
use Core\Exposure\Exposure;
use Core\Planning\Refiner;
use Core\Response\DogModel;

/** Half the way in load from one exposure to a harder one, changing one dimension; and the halves of the halves. */
final readonly class Split implements Command
{
    /** Logits under which a step between makes no sense. */
    private const MIN = 0.1;

    public function __construct(private SituationDocument $situations)
    {
    }

    public function name(): string
    {
        return 'split';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $all = $this->situations->read($read);
        $model = $all->model();
        $between = self::halves(
            new Refiner($model), $model, $all->document->exposure($read->at('from')), $all->document->exposure($read->at('to')),
            $read->at('depth')->integer(1),
        );

        return ['between' => array_map(
            static fn (Exposure $exposure): array => ['exposure' => $exposure->values, 'load' => $model->load($exposure)], $between,
        )];
    }

    /** @return list<Exposure> easiest first */
    private static function halves(Refiner $refiner, DogModel $model, Exposure $from, Exposure $to, int $depth): array
    {
        $half = $depth < 1 || $model->load($to) - $model->load($from) < 2 * self::MIN ? null : $refiner->half($from, $to);

        return $half === null ? [] : [
            ...self::halves($refiner, $model, $from, $half, $depth - 1), $half, ...self::halves($refiner, $model, $half, $to, $depth - 1),
        ];
    }
}
