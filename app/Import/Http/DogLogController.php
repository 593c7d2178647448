<?php

declare(strict_types=1);

namespace App\Import\Http;

use App\Import\DogLog;
use App\Models\Dog;
use App\Support\Fields;
use App\Table\CsvWriter;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A dog's log as a file for the next trainer. */
final readonly class DogLogController
{
    public function show(Request $request, Dog $dog, DogLog $log): StreamedResponse
    {
        Gate::authorize('plan', $dog);
        $chosen = Fields::of($request->query())->texts('parts');

        return response()->streamDownload(static function () use ($dog, $log, $chosen): void {
            $file = fopen('php://output', 'w');
            if ($file !== false) {
                fwrite($file, "\xEF\xBB\xBF");
                CsvWriter::write($file, $log->rows($dog, $chosen));
            }
        }, "log-{$dog->id}.csv", ['Content-Type' => 'text/csv; charset=UTF-8', 'Cache-Control' => 'private, no-store']);
    }
}
