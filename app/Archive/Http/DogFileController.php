<?php

declare(strict_types=1);

namespace App\Archive\Http;

use App\Archive\DogPart;
use App\Archive\TakeInDog;
use App\Archive\UnreadableArchive;
use App\Archive\WriteDog;
use App\Models\Dog;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A dog goes to another practice, or comes from one, as a file. */
final readonly class DogFileController
{
    private const MOST_KILOBYTES = 10_240;

    public function create(Dog $dog): View
    {
        Gate::authorize('plan', $dog);

        return view('pages.archives.dog', ['dog' => $dog]);
    }

    public function store(Request $request, Dog $dog, WriteDog $dogs, #[CurrentUser] User $user): BinaryFileResponse
    {
        Gate::authorize('plan', $dog);
        $given = $request->validate(
            ['parts' => ['array'], 'parts.*' => [Rule::enum(DogPart::class)]],
            ['parts' => say('archive.dog.problems.parts'), 'parts.*' => say('archive.dog.problems.parts')],
        );
        $path = sys_get_temp_dir().'/wheatear-dog-'.Str::random(16).'.zip';
        $dogs->write($user, $dog, array_map(DogPart::from(...), Fields::of($given)->texts('parts')), $path);
        $name = Str::slug($dog->name);

        return response()->download($path, ($name === '' ? 'dog' : $name).'.dog.zip', ['Cache-Control' => 'private, no-store'])
            ->deleteFileAfterSend();
    }

    public function bring(): View
    {
        Gate::authorize('create', Dog::class);

        return view('pages.archives.dog-in', ['most' => intdiv(self::MOST_KILOBYTES, 1024)]);
    }

    public function takeIn(Request $request, TakeInDog $dogs, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', Dog::class);
        $most = ['most' => intdiv(self::MOST_KILOBYTES, 1024)];
        $request->validate(['file' => ['required', 'file', 'max:'.self::MOST_KILOBYTES]], [
            'file.max' => say('archive.dog.problems.too_large', $most), 'file.*' => say('archive.dog.problems.file', $most),
        ]);
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            throw ValidationException::withMessages(['file' => say('archive.dog.problems.file', $most)]);
        }
        try {
            $dog = $dogs->takeIn($user, $file->getPathname());
        } catch (UnreadableArchive $told) {
            throw ValidationException::withMessages(['file' => say("archive.dog.problems.{$told->problem->value}", $most)]);
        }

        return redirect()->route('dogs.show', $dog)->with('status', say('archive.dog.taken_in', ['dog' => $dog->name]));
    }
}
