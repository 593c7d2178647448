<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** What somebody looks for: found anywhere in a column, with nothing in it that the database would read as a sign of its own. */
final readonly class SearchWord
{
    private const MOST_LETTERS = 80;

    public string $typed;

    public function __construct(string $typed)
    {
        $this->typed = mb_substr(trim($typed), 0, self::MOST_LETTERS);
    }

    public function isEmpty(): bool
    {
        return $this->typed === '';
    }

    /**
     * In at least one of the columns; everything, where nothing is looked for.
     *
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @param  list<string>  $columns
     * @param  array<string, string>  $related  a column by relation
     * @return Builder<T>
     */
    public function in(Builder $query, array $columns, array $related = []): Builder
    {
        $like = '%'.addcslashes($this->typed, '%_\\').'%';

        return $this->isEmpty() ? $query : $query->where(static function (Builder $either) use ($columns, $related, $like): void {
            foreach ($columns as $column) {
                $either->orWhere($column, 'like', $like);
            }
            foreach ($related as $relation => $column) {
                $either->orWhereHas($relation, static fn (Builder $others) => $others->where($column, 'like', $like));
            }
        });
    }
}
