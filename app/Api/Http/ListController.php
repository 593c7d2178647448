<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\ListRows;
use App\Api\Resource;
use App\Models\ApiToken;
use App\Models\User;
use App\Table\CsvWriter;
use App\Table\XlsxWriter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** Every list as a file for a spreadsheet. */
final readonly class ListController
{
    public const FORMATS = ['csv', 'xlsx'];

    public function show(Resource $resource, string $format, #[CurrentUser] User $user): Response
    {
        Gate::authorize('create', ApiToken::class);
        if ($format === 'csv') {
            return response()->streamDownload(static function () use ($resource, $user): void {
                $file = fopen('php://output', 'w');
                if ($file !== false) {
                    // spreadsheets take text for Windows' own without it
                    fwrite($file, "\xEF\xBB\xBF");
                    CsvWriter::write($file, ListRows::of($resource, $user));
                }
            }, "{$resource->value}.csv", ['Content-Type' => 'text/csv; charset=UTF-8', 'Cache-Control' => 'private, no-store']);
        }
        $path = tempnam(sys_get_temp_dir(), 'list');
        abort_if($path === false, 503);
        XlsxWriter::write($path, ListRows::of($resource, $user));

        return response()->download($path, "{$resource->value}.xlsx", [
            'Content-Type' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', 'Cache-Control' => 'private, no-store',
        ])->deleteFileAfterSend();
    }
}
