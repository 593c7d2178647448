<?php

declare(strict_types=1);

namespace Core\Method;

/**
 * What keeps a session of exposure work from beginning. Cautions are read first; without a foundation it begins only for a reason that is
 * told.
 */
enum Clearance: string
{
    /** This person may not handle this dog. */
    case Handler = 'handler';
    /** A caution of the dog or its ladder has not been read. */
    case Caution = 'read';
    /** A foundation is not ready, and nobody said why it begins without. */
    case Foundation = 'without_reason';

    /**
     * @param  bool  $mayHandle  whether nothing is told against this person handling this dog
     * @param  array<string, mixed>  $unread  cautions not read before, by key
     * @param  list<string>  $read  cautions read just now
     * @param  array<string, mixed>  $missing  foundations neither ready nor waived, by key
     * @param  string  $reason  why it begins without them
     * @return list<self> nothing: it may begin
     */
    public static function missing(bool $mayHandle, array $unread, array $read, array $missing, string $reason): array
    {
        return array_values(array_filter([
            $mayHandle ? null : self::Handler,
            array_diff_key($unread, array_flip($read)) === [] ? null : self::Caution,
            $missing === [] || trim($reason) !== '' ? null : self::Foundation,
        ], static fn (?self $one): bool => $one !== null));
    }
}
