<?php

declare(strict_types=1);

namespace App\Archive;

use App\Engine\CoreCatalogs;
use App\Models\Dog;
use App\Models\FilmRecord;
use App\Models\Photo;
use App\Models\ReportKind;
use App\Models\Role;
use App\Models\TrailAction;
use App\Models\User;
use App\Report\ComposeReport;
use App\Support\Fields;
use App\Trail\Trail;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Psr\Clock\ClockInterface;

/**
 * Takes in a dog of another practice: all of the file or nothing. Whoever and wherever it names is kept by name, with that practice's, and
 * is offered for nothing.
 */
final readonly class TakeInDog
{
    private const MOST_BYTES = 100_000_000;

    private const LONGEST_NAME = 120;

    public function __construct(
        private ArchivedTables $tables, private ReadFile $file, private Connection $database, private Filesystem $files,
        private ClockInterface $clock, private Trail $trail, private ComposeReport $reports, private CoreCatalogs $catalogs,
    ) {
    }

    /** @throws UnreadableArchive */
    public function takeIn(User $by, string $path): Dog
    {
        $told = $this->file->told($path, WriteDog::FORMAT, WriteDog::VERSION, self::MOST_BYTES);
        $parts = array_values(array_filter(array_map(DogPart::tryFrom(...), $told->below('dog')->texts('parts'))));
        $sum = $told->text('checksum');
        if (preg_match('/^[0-9a-f]{64}$/', $sum) !== 1) {
            throw new UnreadableArchive(ArchiveProblem::Damaged, 'checksum');
        }
        $kept = [];
        try {
            return $this->database->transaction(function () use ($by, $path, $told, $parts, $sum, &$kept): Dog {
                if (Dog::query()->where('practice_id', $by->practice_id)->where('from_file', $sum)->exists()) {
                    throw new UnreadableArchive(ArchiveProblem::AlreadyHere);
                }
                $this->file->rows(
                    $path, $told, OfDog::tablesOf($this->tables, $parts), $by->practice_id, null, $this->beside($by, $sum, $told),
                );
                $dog = Dog::query()->where('practice_id', $by->practice_id)->where('from_file', $sum)->firstOrFail();
                $this->readBack($dog, $parts);
                $kept = $this->file->pictures($path, Photo::query()->where('dog_id', $dog->id));
                $this->trail->note($by, TrailAction::Added, $dog);

                return $dog;
            });
        } catch (\Throwable $problem) {
            array_map($this->files->delete(...), $kept);

            throw match (true) {
                // two of a kind within one practice: what was logged of it was taken in before, or was logged here
                $problem instanceof UniqueConstraintViolationException => new UnreadableArchive(ArchiveProblem::AlreadyHere),
                $problem instanceof QueryException => new UnreadableArchive(ArchiveProblem::Damaged, 'data'),
                default => $problem,
            };
        }
    }

    /** @return array<string, \Closure(array<mixed>): array<string, mixed>> */
    private function beside(User $by, string $sum, Fields $told): array
    {
        $from = $told->below('dog')->text('practice');
        $name = static fn (mixed $row): array => [
            'name' => mb_substr(Fields::of($row)->text('name').($from === '' ? '' : " ({$from})"), 0, self::LONGEST_NAME),
        ];
        $now = $this->clock->now();
        $always = RestoreArchive::beside($this->clock);

        return [
            'dogs' => static fn (): array => ['from_file' => $sum, 'trainer_id' => $by->id],
            'users' => static fn (array $row): array => [...$always['users']($row), ...$name($row), 'role' => Role::Trainer->value],
            'people' => static fn (array $row): array => [...$name($row), 'archived_at' => $now],
            'places' => static fn (array $row): array => [...$name($row), 'archived_at' => $now],
            'photos' => $always['photos'],
        ];
    }

    /**
     * What was read is opened as its pages would: what they cannot open is not taken in.
     *
     * @param  list<DogPart>  $parts
     */
    private function readBack(Dog $dog, array $parts): void
    {
        $scope = OfDog::chosen($this->database, $this->tables, $dog->id, $parts);
        try {
            foreach (self::models() as $table => $model) {
                if (isset($scope->tables()[$table])) {
                    foreach ($scope->rows($scope->tables()[$table])->cursor() as $row) {
                        $model->newFromBuilder(array_filter((array) $row, is_string(...), ARRAY_FILTER_USE_KEY))->attributesToArray();
                    }
                }
            }
            foreach ($dog->plans()->withTrashed()->pluck('method') as $method) {
                $this->catalogs->methods()->method(is_string($method) ? $method : '');
            }
            foreach (FilmRecord::query()->whereRelation('film', 'dog_id', $dog->id)->cursor() as $record) {
                $record->record();
            }
            foreach ([ReportKind::Progress, ReportKind::HandOver, ReportKind::Vet] as $kind) {
                $this->reports->of($dog, $kind, $kind->parts());
            }
        } catch (\Throwable $problem) {
            throw new UnreadableArchive(ArchiveProblem::Damaged, 'data', $problem);
        }
    }

    /** @return array<string, Model> by table */
    private static function models(): array
    {
        $models = [];
        foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
            $class = 'App\\Models\\'.basename($file, '.php');
            if (is_subclass_of($class, Model::class) && (new \ReflectionClass($class))->isFinal()) {
                $model = new $class;
                $models[$model->getTable()] = $model;
            }
        }

        return $models;
    }
}
