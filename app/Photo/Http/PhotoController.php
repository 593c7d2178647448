<?php

declare(strict_types=1);

namespace App\Photo\Http;

use App\Models\Dog;
use App\Models\Photo;
use App\Models\Place;
use App\Models\User;
use App\Photo\InvalidPhoto;
use App\Photo\KeepPhoto;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Pictures of dogs and places, served to those who may see what they show. */
final readonly class PhotoController
{
    private const MOST_KILOBYTES = 10_240;

    public function __construct(private KeepPhoto $photos)
    {
    }

    public function show(Photo $photo): Response
    {
        Gate::authorize('view', $photo);

        return Storage::disk('local')->response(KeepPhoto::path($photo->file), 'photo.jpg', ['Content-Type' => 'image/jpeg'], 'inline');
    }

    public function dog(Request $request, Dog $dog, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $this->keep($request, $user, $dog);

        return redirect()->route('dogs.show', $dog)->with('status', say('account.saved'));
    }

    public function place(Request $request, Place $place, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $place);
        $this->keep($request, $user, $place);

        return redirect()->route('places.show', $place)->with('status', say('account.saved'));
    }

    public function destroy(Photo $photo, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $photo);
        $this->photos->takeOut($user, $photo);

        return back()->with('status', say('people.photo.taken_out'));
    }

    private function keep(Request $request, User $user, Dog|Place $of): void
    {
        $request->validate(['photo' => ['required', 'file', 'max:'.self::MOST_KILOBYTES]], [
            'photo.*' => say('people.photo.problems.file', ['most' => intdiv(self::MOST_KILOBYTES, 1024)]),
        ]);
        $file = $request->file('photo');
        try {
            $this->photos->keep($user, $of, $file instanceof UploadedFile ? $file->getPathname() : '');
        } catch (InvalidPhoto $problem) {
            throw ValidationException::withMessages(['photo' => say("people.photo.problems.{$problem->problem->value}")]);
        }
    }
}
