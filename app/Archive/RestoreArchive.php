<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Dog;
use App\Models\Person;
use App\Models\Photo;
use App\Models\Role;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Restores an archive into a practice that has nothing yet: all of it or, where anything in it is wrong, nothing. Its first owner becomes
 * whoever restores it; others keep their names, and sign in again once they are invited.
 */
final readonly class RestoreArchive
{
    private const MOST_BYTES = 4_000_000_000;

    public function __construct(
        private ArchivedTables $tables, private ReadFile $file, private Connection $database, private Filesystem $files,
        private ClockInterface $clock, private Trail $trail,
    ) {
    }

    /**
     * @return int rows
     *
     * @throws UnreadableArchive
     */
    public function restore(User $owner, string $path): int
    {
        $practice = $owner->practice;
        if ($owner->role !== Role::Owner || Dog::query()->where('practice_id', $practice->id)->exists()
            || User::query()->where('practice_id', $practice->id)->count() > 1) {
            throw new UnreadableArchive(ArchiveProblem::NotEmpty);
        }
        $told = $this->file->told($path, WriteArchive::FORMAT, WriteArchive::VERSION, self::MOST_BYTES);
        $kept = [];
        try {
            return $this->database->transaction(function () use ($owner, $practice, $path, $told, &$kept): int {
                $practice->forceFill(array_intersect_key($told->named('practice'), array_flip(WriteArchive::OF_PRACTICE)))->save();
                // whoever set the practice up is in the archive as its owner
                Person::query()->where('practice_id', $practice->id)->delete();
                $rows = $this->file->rows($path, $told, $this->tables->all(), $practice->id, $owner, self::beside($this->clock));
                $kept = $this->file->pictures($path, Photo::query()->where('practice_id', $practice->id));
                $this->trail->note($owner, TrailAction::Restored, $practice);

                return $rows;
            });
        } catch (\Throwable $problem) {
            array_map($this->files->delete(...), $kept);

            throw $problem;
        }
    }

    /**
     * What a file does not have of a row, and the row cannot do without.
     *
     * @return array<string, \Closure(array<mixed>): array<string, mixed>>
     */
    public static function beside(ClockInterface $clock): array
    {
        return [
            'users' => static fn (): array => [
                'email' => 'restored-'.Str::uuid()->toString().'@restored.invalid', 'password' => '', 'disabled_at' => $clock->now(),
            ],
            'photos' => static fn (): array => ['file' => (string) Str::uuid()],
            'reports' => static fn (): array => ['progress' => 0, 'has_failed' => true],
        ];
    }
}
