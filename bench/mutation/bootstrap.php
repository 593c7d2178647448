<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabaseState;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/CoverageMap.php';

// the tables are made once for all changes: making them takes longer than most tests
RefreshDatabaseState::$migrated = getenv('TABLES_ARE_MADE') === '1';
