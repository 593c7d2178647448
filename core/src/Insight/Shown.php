<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Decision\LoggedTrial;
use Core\Sign\Band;
use Core\Sign\OutcomeEffect;
use Core\Sign\SignKey;

/**
 * What trials have shown of where a dog is fine. Proven is what it did: it ate gently and turned back by itself or at the first asking.
 * Quiet is calm to look at while neither was asked of it: a dog that learned to hide its signs is quiet where it is not fine, so that its
 * quiet trials are counted, and never named as a distance to work at. Common practice.
 */
final readonly class Shown
{
    /**
     * @param  int  $proven  trials
     * @param  ?float  $provenAt  the nearest of them in meters; null where none has a distance
     * @param  int  $quiet  trials
     * @param  ?float  $quietAt  the nearest
     * @param  int  $loading  trials in which it was seen to load
     * @param  ?float  $loadingAt  the farthest
     * @param  int  $reactions  trials
     * @param  ?float  $reactionAt  the farthest
     */
    private function __construct(
        public int $proven, public ?float $provenAt, public int $quiet, public ?float $quietAt,
        public int $loading, public ?float $loadingAt, public int $reactions, public ?float $reactionAt,
    ) {
    }

    /** @param  list<LoggedTrial>  $trials  as they stand; those that the handler spoilt are passed over */
    public static function of(array $trials): self
    {
        $meters = ['proven' => [], 'quiet' => [], 'loading' => [], 'reactions' => []];
        foreach ($trials as $trial) {
            $kind = self::kind($trial);
            if ($kind !== null) {
                $meters[$kind][] = $trial->exposure->distance()?->meters;
            }
        }
        $known = array_map(static fn (array $all): array => array_values(array_filter($all, is_float(...))), $meters);
        $nearest = static fn (string $kind): ?float => $known[$kind] === [] ? null : min($known[$kind]);
        $farthest = static fn (string $kind): ?float => $known[$kind] === [] ? null : max($known[$kind]);

        return new self(
            count($meters['proven']), $nearest('proven'), count($meters['quiet']), $nearest('quiet'),
            count($meters['loading']), $farthest('loading'), count($meters['reactions']), $farthest('reactions'),
        );
    }

    /** @return 'proven'|'quiet'|'loading'|'reactions'|null null for work that was neither */
    private static function kind(LoggedTrial $trial): ?string
    {
        return match (true) {
            $trial->handlerError => null,
            $trial->band === Band::Over || $trial->outcome->effect() === OutcomeEffect::Over => 'reactions',
            $trial->shows(SignKey::Loading) => 'loading',
            ! $trial->isCalm() => null,
            $trial->isProven() => 'proven',
            default => 'quiet',
        };
    }
}
