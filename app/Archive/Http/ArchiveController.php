<?php

declare(strict_types=1);

namespace App\Archive\Http;

use App\Archive\MakeArchive;
use App\Archive\WorkOnArchive;
use App\Models\PracticeArchive;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Everything of a practice as one file, for its owners. */
final readonly class ArchiveController
{
    private const SHOWN = 10;

    public function index(#[CurrentUser] User $user): View
    {
        Gate::authorize('update', $user->practice);

        return view('pages.archives.index', [
            'archives' => PracticeArchive::query()->where('practice_id', $user->practice_id)->with('user')->orderByDesc('id')
                ->limit(self::SHOWN)->get(),
        ]);
    }

    public function store(MakeArchive $archives, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $user->practice);
        $archives->make($user);

        return redirect()->route('archives.index');
    }

    /** For a page that waits. */
    public function progress(PracticeArchive $archive, #[CurrentUser] User $user): Response
    {
        Gate::authorize('update', $user->practice);
        $isDone = $archive->file !== null || $archive->has_failed;

        return response()->view('partials.archive-progress', ['archive' => $archive], 200, $isDone ? ['HX-Refresh' => 'true'] : []);
    }

    public function show(PracticeArchive $archive, Filesystem $files, #[CurrentUser] User $user): BinaryFileResponse
    {
        Gate::authorize('update', $user->practice);
        abort_if($archive->file === null || ! $files->exists(WorkOnArchive::path($archive->file)), 404);

        return response()->download(
            $files->path(WorkOnArchive::path($archive->file)), "wheatear-{$archive->made_at->format('Y-m-d')}.zip",
            ['Cache-Control' => 'private, no-store'],
        );
    }
}
