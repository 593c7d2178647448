<?php

declare(strict_types=1);

namespace App\Photo;

use App\Models\Dog;
use App\Models\Photo;
use App\Models\Place;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Keeps one picture of a dog or a place; a new one takes the place of the old. */
final readonly class KeepPhoto
{
    public function __construct(private Filesystem $files, private ClockInterface $clock, private Trail $trail)
    {
    }

    /** @throws InvalidPhoto */
    public function keep(User $by, Dog|Place $of, string $path): void
    {
        $picture = Picture::of($path);
        $file = (string) Str::uuid();
        $this->files->put(self::path($file), $picture->jpeg);
        $column = self::column($of);
        $old = Photo::query()->where($column, $of->id)->first();
        Photo::query()->updateOrCreate([$column => $of->id], [
            'practice_id' => $of->practice_id, 'user_id' => $by->id, 'file' => $file, 'width' => $picture->width,
            'height' => $picture->height, 'taken_in_at' => $this->clock->now(),
        ]);
        if ($old !== null) {
            $this->files->delete(self::path($old->file));
        }
        $this->trail->note($by, TrailAction::Changed, $of);
    }

    public function takeOut(User $by, Photo $photo): void
    {
        $of = $photo->dog ?? $photo->place;
        $photo->delete();
        $this->files->delete(self::path($photo->file));
        if ($of !== null) {
            $this->trail->note($by, TrailAction::Changed, $of);
        }
    }

    public static function of(Dog|Place $of): ?Photo
    {
        return Photo::query()->where(self::column($of), $of->id)->first();
    }

    public static function path(string $file): string
    {
        return "photos/{$file}.jpg";
    }

    private static function column(Dog|Place $of): string
    {
        return $of instanceof Dog ? 'dog_id' : 'place_id';
    }
}
