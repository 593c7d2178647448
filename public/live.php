<?php

declare(strict_types=1);

// Who looks on asks every second or two, and almost always nothing has changed: that is answered from one row, without the framework.
// Everything else, and whatever this cannot read, is the application's.
require __DIR__.'/../app/Live/Unchanged.php';

if (App\Live\Unchanged::tell($_SERVER, $_GET, time(), App\Live\Unchanged::version(...))) {
    http_response_code(204);
    header_remove('X-Powered-By');
} else {
    require __DIR__.'/index.php';
}
