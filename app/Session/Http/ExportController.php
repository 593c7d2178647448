<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\Session;
use App\Session\SessionExport;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final readonly class ExportController
{
    public function show(Session $session, string $format, SessionExport $export): Response
    {
        Gate::authorize('view', $session);
        $name = sprintf('wheatear-session-%d.%s', $session->id, $format);
        [$body, $type] = $format === 'json'
            ? [$export->toJson($session), 'application/json']
            : [$export->toCsv($session), 'text/csv; charset=utf-8'];

        return new Response($body, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }
}
