<?php

declare(strict_types=1);

// Nothing is uploaded and no folder is served.
return [
    'default' => 'local',
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false],
        'public' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false],
    ],
];
