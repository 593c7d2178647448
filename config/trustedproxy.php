<?php

declare(strict_types=1);

// Who may say for whom and how (https, host, address) a request came: nobody, until a public address is set.
return ['proxies' => array_values(array_filter(explode(',', (string) env('WHEATEAR_PROXIES', ''))))];
