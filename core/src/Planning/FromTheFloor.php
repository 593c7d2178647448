<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Ladder\HandledBy;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Core\Template\TemplateStep;

/**
 * The ladder of a second person whom the dog dislikes: the item on the floor and the hands away first, then every step as it
 * was, done by that person. Common practice.
 */
final readonly class FromTheFloor
{
    /** The ladder that tells how a second person comes near. */
    public const TEMPLATE = 'harness-second-person';

    private const SECOND = 'second';

    /**
     * @param  list<TemplateStep>  $steps  of that ladder; used are those at its beginning with the hands away from the dog
     */
    public static function ladder(Ladder $ladder, array $steps, DimensionCatalog $catalog): Ladder
    {
        $inPlay = $ladder->step(0)->exposure->values + [
            DimensionKey::Gap->value => 0.0, DimensionKey::ItemState->value => 'floor', DimensionKey::Helper->value => self::SECOND,
        ];
        $made = [];
        foreach ($steps as $step) {
            if ((float) ($step->values[DimensionKey::Gap->value] ?? 0.0) <= 0.0) {
                break;
            }
            $made[] = new Step(
                Exposure::of($catalog->completed(array_intersect_key($step->values, $inPlay), array_keys($inPlay)), $catalog),
                $step->criterion, $step->manner,
            );
        }
        foreach ($ladder->steps as $step) {
            $values = $catalog->completed([...$step->exposure->values, DimensionKey::Helper->value => self::SECOND], array_keys($inPlay));
            $made[] = new Step(Exposure::of($values, $catalog), $step->criterion, $step->manner->by(HandledBy::SecondPerson));
        }

        // read back before it is used: what cannot be read would lock everybody out
        return LadderData::read(LadderData::write(Ladder::of($made)), $catalog);
    }
}
