<?php

declare(strict_types=1);

use App\Api\Http\BearerToken;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SecureHeaders;
use App\Http\Problems\DatabaseUnavailable;
use App\Http\Problems\RejectedByCore;
use App\Watch\Http\WatchRequest;
use App\Watch\ToldLately;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Config;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php', api: __DIR__.'/../routes/api.php', commands: __DIR__.'/../routes/console.php',
        apiPrefix: 'api/v1',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class); // same-origin application
        $middleware->trustHosts(at: static fn (): array => Config::array('app.hosts'), subdomains: false);
        $middleware->prepend([WatchRequest::class, ReadableInput::class]);
        $middleware->append(SecureHeaders::class);
        // a record is looked for as whoever the token stands for
        $middleware->prependToPriorityList(SubstituteBindings::class, BearerToken::class);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(new DatabaseUnavailable);
        $exceptions->render(new RejectedByCore);
        $exceptions->dontFlash(['password']);
        $exceptions->dontReportWhen(static fn (Throwable $problem): bool => app(ToldLately::class)->is($problem));
    })
    ->create();
