<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Dog;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Database\Connection;

/** A dog with the parts that were chosen as one file, for the practice it goes to. */
final readonly class WriteDog
{
    public const FORMAT = 'wheatear.dog';

    public const VERSION = 1;

    public function __construct(
        private Connection $database, private ArchivedTables $tables, private WriteFile $file, private Trail $trail,
    ) {
    }

    /**
     * @param  list<DogPart>  $parts
     * @return array{checksum: string, rows: int}
     */
    public function write(User $by, Dog $dog, array $parts, string $path): array
    {
        $written = $this->file->write(
            $path, OfDog::chosen($this->database, $this->tables, $dog->id, $parts),
            ['format' => self::FORMAT, 'version' => self::VERSION], 'dog',
            [
                'name' => $dog->name, 'practice' => $by->practice->name,
                'parts' => array_map(static fn (DogPart $part): string => $part->value, $parts),
            ],
            static fn (string $day): string => say('archive.dog.readme', [
                'dog' => $dog->name, 'practice' => $by->practice->name, 'day' => $day,
            ]),
        );
        $this->trail->note($by, TrailAction::HandedOut, $dog);

        return $written;
    }
}
