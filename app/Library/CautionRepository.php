<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\CautionRead;
use App\Models\Dog;
use App\Models\User;
use Words\Lexicon;
use Words\Phrases;

/** Which cautions matter for a dog and a plan, and which of them somebody has not read yet for this dog. */
final readonly class CautionRepository
{
    /** @var array<string, Caution> by key */
    public array $cautions;

    public function __construct(Lexicon $lexicon, Phrases $words)
    {
        $cautions = [];
        foreach (array_map(strval(...), array_keys($lexicon->below('cautions', $words->reader->language))) as $key) {
            $cautions[$key] = new Caution($key, $words->say("cautions.{$key}.title"), $words->say("cautions.{$key}.text"));
        }
        $this->cautions = $cautions;
    }

    /** @return array<string, Caution> what the intake of a dog asks for */
    public function forDog(Dog $dog): array
    {
        $intake = $dog->intake;

        return $this->keyed(array_keys(array_filter([
            'bite' => $dog->bite_history,
            'pain' => $intake !== null && ($intake->pain_signs || $intake->sudden_change),
            'children' => $intake?->children_near === true,
            'guarding' => $intake?->guards_food === true,
            'food' => ($intake->food_limits ?? '') !== '',
        ])));
    }

    /**
     * @param  list<string>  $keys  of a template; unknown ones are passed over
     * @return array<string, Caution>
     */
    public function keyed(array $keys): array
    {
        return array_intersect_key($this->cautions, array_flip($keys));
    }

    /**
     * @param  array<string, Caution>  $cautions
     * @return array<string, Caution> those this user has not read for this dog
     */
    public static function unread(array $cautions, Dog $dog, User $user): array
    {
        $read = CautionRead::query()->where('dog_id', $dog->id)->where('user_id', $user->id)->limit(100)->pluck('caution')->all();

        return array_diff_key($cautions, array_flip(array_filter($read, is_string(...))));
    }

    /** @param  list<string>  $keys */
    public static function markRead(array $keys, Dog $dog, User $user, \DateTimeImmutable $now): void
    {
        CautionRead::query()->insertOrIgnore(array_map(static fn (string $key): array => [
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, 'caution' => $key,
            'read_at' => $now->format('Y-m-d H:i:s'),
        ], $keys));
    }
}
