<?php

declare(strict_types=1);

namespace App\Api;

use App\Access\InSight;
use App\Models\Homework;
use App\Models\Person;
use App\Models\Plan;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** A list as rows for a spreadsheet: what programs read, with names where those have numbers. */
final readonly class ListRows
{
    public const MOST = 50_000;

    private const MOST_NAMES = 5000;

    /** @return \Generator<list<string|int|float|bool|null>> heads first */
    public static function of(Resource $resource, User $user): \Generator
    {
        $names = self::names($user);
        $isHead = true;
        $count = 0;
        foreach ($resource->query($user, null)->lazyById(500) as $one) {
            if (++$count > self::MOST) {
                return;
            }
            $told = Resource::told($one);
            if ($isHead) {
                $isHead = false;
                yield array_map(static fn (string $key): string => say("api.columns.{$key}"), array_keys($told));
            }
            yield array_map(static function (string $key, mixed $value) use ($names): string|int|float|bool|null {
                if (isset($names[$key]) && is_int($value)) {
                    return $names[$key][$value] ?? null;
                }

                return match (true) {
                    $key === 'steps' && is_array($value) => count($value),
                    is_scalar($value) || $value === null => $value,
                    default => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                };
            }, array_keys($told), array_values($told));
        }
    }

    /** @return array<string, array<int, string>> by what points to them, and number */
    private static function names(User $user): array
    {
        $practice = $user->practice_id;

        return [
            'dog' => self::byId(InSight::dogs($user)), 'person' => self::byId(Person::query()->where('practice_id', $practice)),
            'place' => self::byId(InSight::allPlaces($user)),
            'plan' => self::byId(Plan::query()->withTrashed()->where('practice_id', $practice)),
            'homework' => self::byId(Homework::query()->where('practice_id', $practice)),
        ];
    }

    /**
     * @param  Builder<covariant Model>  $query
     * @return array<int, string>
     */
    private static function byId(Builder $query): array
    {
        $names = [];
        foreach ($query->limit(self::MOST_NAMES)->get() as $one) {
            $told = Fields::of($one->getAttributes());
            $names[$told->int('id')] = $told->text('name');
        }

        return $names;
    }
}
