<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\PracticeArchive;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Str;

/** Makes one archive; the newest few are kept. */
final class WorkOnArchive implements ShouldQueue
{
    use Queueable;

    private const KEPT = 3;

    public int $tries = 1;

    public int $timeout = 230;

    public function __construct(private readonly int $archiveId)
    {
    }

    public function handle(WriteArchive $archives, Filesystem $files): void
    {
        $archive = PracticeArchive::query()->with('practice')->find($this->archiveId);
        if ($archive === null || $archive->file !== null) {
            return;
        }
        $file = Str::uuid()->toString();
        $files->makeDirectory('archives');
        $written = $archives->write($archive->practice, $files->path(self::path($file)), $archive);
        $archive->update([
            'file' => $file, 'progress' => 100, 'bytes' => $files->size(self::path($file)), 'checksum' => $written['checksum'],
        ]);
        foreach (PracticeArchive::query()->where('practice_id', $archive->practice_id)->whereNotNull('file')->orderByDesc('id')
            ->skip(self::KEPT)->take(100)->get() as $old) {
            $files->delete(self::path((string) $old->file));
            $old->update(['file' => null]);
        }
    }

    public function failed(): void
    {
        PracticeArchive::query()->whereKey($this->archiveId)->update(['has_failed' => true]);
    }

    public static function path(string $file): string
    {
        return "archives/{$file}.zip";
    }
}
