<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\RestoreArchive;
use App\Archive\UnreadableArchive;
use App\Models\User;
use Illuminate\Console\Command;

final class RestorePractice extends Command
{
    protected $signature = 'wheatear:restore-practice {file : an archive} {owner : email address of the owner of an empty practice}';

    protected $description = 'Restore an archive of a practice into an empty one';

    public function handle(RestoreArchive $archives): int
    {
        $file = $this->argument('file');
        $owner = User::query()->with('practice')->where('email', $this->argument('owner'))->first();
        if ($owner === null || ! is_string($file) || ! is_file($file)) {
            $this->error($owner === null ? 'Nobody signs in with that address.' : 'There is no such file.');

            return self::FAILURE;
        }
        try {
            $this->info($archives->restore($owner, $file).' rows restored.');
        } catch (UnreadableArchive $problem) {
            $this->error($problem->getMessage().' Nothing was changed.');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
