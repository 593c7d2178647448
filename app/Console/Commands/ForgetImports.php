<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Import\ForgetFiles;
use Illuminate\Console\Command;

final class ForgetImports extends Command
{
    protected $signature = 'wheatear:forget-imports';

    protected $description = 'Take out files that were imported or undone a month ago';

    public function handle(ForgetFiles $files): int
    {
        $this->info($files->forget().' taken out.');

        return self::SUCCESS;
    }
}
