<?php

declare(strict_types=1);

namespace App\Film\Http;

use App\Film\CannotKeep;
use App\Film\KeepRecord;
use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\User;
use App\Support\Fields;
use Core\Film\Record;
use Core\Film\UnreadableRecord;
use Core\Film\WebVtt;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** One's own record of a film: kept while it is made, finished, written as a file and read from one. */
final readonly class RecordController
{
    /** Kilobytes. */
    private const LARGEST = 2048;

    private const TOO_LATE = 409;

    public function __construct(private KeepRecord $records)
    {
    }

    public function update(Request $request, Film $film, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('grade', $film);
        $given = Fields::of($request->json()->all());
        $seen = $request->json('record');
        try {
            $kept = $this->records->keep(
                $film, $user, Record::fromArray(is_array($seen) ? $seen : []), $given->int('version'),
            );
        } catch (UnreadableRecord $e) {
            return new JsonResponse(['message' => self::told($e)], Response::HTTP_UNPROCESSABLE_ENTITY);
        }

        return $kept instanceof CannotKeep
            ? new JsonResponse(['message' => say("film.problems.{$kept->value}")], self::TOO_LATE)
            : new JsonResponse(['version' => $kept->version]);
    }

    public function finish(Film $film, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('grade', $film);
        $record = KeepRecord::of($film, $user)
            ?? throw ValidationException::withMessages(['record' => say('film.problems.nothing_seen')]);
        $this->records->finish($record);

        return redirect()->route('films.show', $film)->with('status', say('film.finished'));
    }

    public function read(Request $request, Film $film, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('grade', $film);
        $request->validate(
            ['file' => ['required', 'file', 'max:'.self::LARGEST]], ['file.*' => say('film.problems.file')],
        );
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? (string) $file->getContent() : '';
        try {
            $kept = $this->records->keep(
                $film, $user, self::parsed($text, $film), KeepRecord::of($film, $user)->version ?? 0,
            );
        } catch (UnreadableRecord $e) {
            throw ValidationException::withMessages(['file' => self::told($e)]);
        }
        if ($kept instanceof CannotKeep) {
            throw ValidationException::withMessages(['file' => say("film.problems.{$kept->value}")]);
        }

        return redirect()->route('films.show', $film)->with('status', say('film.read'));
    }

    public function write(Film $film, FilmRecord $record, string $format): Response
    {
        Gate::authorize('open', [$film, $record]);
        $seen = $record->record();

        return new Response(
            $format === 'vtt' ? WebVtt::write($seen)
                : json_encode(['format' => 'wheatear.film', 'version' => 1, ...$seen->toArray()], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT),
            headers: [
                'Content-Type' => $format === 'vtt' ? 'text/vtt; charset=utf-8' : 'application/json',
                'Content-Disposition' => "attachment; filename=\"film-{$film->id}-{$record->id}.{$format}\"",
            ],
        );
    }

    private static function parsed(string $text, Film $film): Record
    {
        $data = json_decode($text, true, 32);

        return is_array($data) ? Record::fromArray($data) : WebVtt::read($text, $film->length_ms);
    }

    private static function told(UnreadableRecord $e): string
    {
        return say("film.unreadable.{$e->problem->value}", ['row' => $e->row, 'given' => mb_substr($e->given, 0, 40)]);
    }
}
