<?php

declare(strict_types=1);

namespace App\Import;

use App\Access\InSight;
use App\Models\Dog;
use App\Models\Homework;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\User;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;

/** What the texts of some fields may mean, and the best guess which. */
final class Choices
{
    /** Fields whose texts are names within one dog: matched to nothing, they are looked for by name among its own. */
    public const OF_A_DOG = ['plan', 'task'];

    /** Fields whose texts mean something that is known already. */
    public const FIELDS = ['dog', 'plan', 'person', 'place', 'outcome', 'band', 'food', 'task'];

    private const MOST = 1000;

    /** Letters by which two spellings may differ, for each so many they have. */
    private const LETTERS_FOR_ONE_SLIP = 4;

    /** Words people write, besides our own. */
    private const ALSO = [
        'outcome' => [
            'looked back' => 'returned', 'came back' => 'returned', 'check in' => 'returned', 'yes' => 'returned', 'ok' => 'returned',
            'looked' => 'watched', 'cued' => 'prompted', 'called' => 'prompted', 'no' => 'not_returned', 'barked' => 'reacted',
            'bark' => 'reacted', 'lunged' => 'reacted', 'lunge' => 'reacted', 'reaction' => 'reacted', 'did not see' => 'unnoticed',
            'accepted' => 'reached', 'held' => 'reached', 'left' => 'left', 'declined' => 'refused_start',
        ],
        'band' => ['green' => '0', 'yellow' => '1', 'aware' => '1', 'effort' => '2', 'strain' => '3', 'red' => '4', 'reaction' => '4'],
        'food' => ['yes' => 'gently', 'ate' => 'gently', 'rough' => 'hard', 'snatched' => 'hard', 'no' => 'refused',
            'none' => 'not_offered'],
    ];

    /** @var array<string, array<int|string, string>> the same texts come again and again */
    private array $guessed = [];

    /**
     * @param  array<string, array<string, string>>  $labels  by field and key
     * @param  array<string, array<int|string, string>>  $keys  by field and plain text; an empty one where two share the text
     */
    private function __construct(public readonly array $labels, private readonly array $keys)
    {
    }

    public static function of(User $user): self
    {
        $dogs = InSight::dogs($user)->orderBy('name')->orderBy('id')->limit(self::MOST)->get();
        $plans = Plan::query()->withTrashed()->where('practice_id', $user->practice_id)->with('responseModel.dog')->orderBy('name')
            ->orderBy('id')->limit(self::MOST)->get();
        $labels = [
            'dog' => self::byId($dogs),
            'plan' => $plans->mapWithKeys(static fn (Plan $plan): array => [
                "p{$plan->id}" => "{$plan->responseModel->dog->name}: {$plan->name}",
            ])->all(),
            'person' => self::byId(Person::query()->where('practice_id', $user->practice_id)->orderBy('name')->limit(self::MOST)->get()),
            'place' => self::byId(Place::query()->where('practice_id', $user->practice_id)->orderBy('name')->limit(self::MOST)->get()),
            'outcome' => array_combine(
                array_column(Outcome::cases(), 'value'),
                array_map(static fn (Outcome $one): string => words()->label($one), Outcome::cases()),
            ),
            'band' => array_combine(
                array_map(static fn (Band $one): string => "b{$one->value}", Band::cases()),
                array_map(static fn (Band $one): string => words()->label($one), Band::cases()),
            ),
            'food' => array_combine(
                array_column(FoodTaken::cases(), 'value'),
                array_map(static fn (FoodTaken $one): string => words()->label($one), FoodTaken::cases()),
            ),
            'task' => Homework::query()->where('practice_id', $user->practice_id)->with('dog')->orderBy('name')->limit(self::MOST)->get()
                ->mapWithKeys(static fn (Homework $one): array => ["h{$one->id}" => "{$one->dog->name}: {$one->name}"])->all(),
        ];

        return new self($labels, self::plainKeys($labels));
    }

    public function has(string $field, string $key): bool
    {
        return isset($this->labels[$field][$key]);
    }

    /** The key that a text means as far as can be told: the same words, or a slip of a letter or two where only one is as near. */
    public function guess(string $field, string $text): ?string
    {
        $plain = Matching::plain($text);
        if (! isset($this->guessed[$field][$plain]) && count($this->guessed[$field] ?? []) < self::MOST) {
            $this->guessed[$field][$plain] = $this->nearest($field, $plain) ?? '';
        }
        $key = $this->guessed[$field][$plain] ?? $this->nearest($field, $plain) ?? '';

        return $key === '' ? null : $key;
    }

    private function nearest(string $field, string $plain): ?string
    {
        $keys = $this->keys[$field] ?? [];
        if (($keys[$plain] ?? '') !== '' || $plain === '') {
            return $plain === '' ? null : $keys[$plain];
        }
        $slips = intdiv(strlen($plain) + 1, self::LETTERS_FOR_ONE_SLIP);
        $near = [];
        foreach ($slips > 0 && in_array($field, ['dog', 'person', 'place'], true) ? $keys : [] as $known => $key) {
            $known = (string) $known;
            // "Mabel" is "Old Mabel", where there is one
            $isPart = in_array($plain, explode(' ', $known), true);
            if ($key !== '' && ($isPart || levenshtein($plain, substr($known, 0, 120)) <= $slips)) {
                $near[$key] = true;
            }
        }

        return count($near) === 1 ? (string) array_key_first($near) : null;
    }

    /**
     * @param  iterable<Dog|Person|Place>  $all
     * @return array<string, string>
     */
    private static function byId(iterable $all): array
    {
        $names = [];
        foreach ($all as $one) {
            // with a letter before it, so that a list of keys stays a list of texts
            $names["i{$one->id}"] = $one->name;
        }

        return $names;
    }

    /**
     * @param  array<string, array<string, string>>  $labels
     * @return array<string, array<int|string, string>> a text of digits is a number to an array
     */
    private static function plainKeys(array $labels): array
    {
        $keys = [];
        foreach ($labels as $field => $ofField) {
            foreach ($ofField as $key => $label) {
                foreach (array_unique([Matching::plain($label), Matching::plain(str_replace('_', ' ', (string) $key))]) as $plain) {
                    $keys[$field][$plain] = isset($keys[$field][$plain]) ? '' : (string) $key;
                }
            }
        }
        foreach (self::ALSO as $field => $texts) {
            foreach ($texts as $text => $key) {
                $keys[$field][$text] ??= $field === 'band' ? "b{$key}" : $key;
            }
        }
        foreach (Band::cases() as $band) {
            $keys['band'][(string) $band->value] = "b{$band->value}";
        }

        return $keys;
    }
}
