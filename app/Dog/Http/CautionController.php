<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Library\CautionRepository;
use App\Models\Dog;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** Records that a caution was read, by whom and for which dog. */
final readonly class CautionController
{
    public function store(
        Request $request, Dog $dog, CautionRepository $cautions, ClockInterface $clock, #[CurrentUser] User $user,
    ): RedirectResponse {
        Gate::authorize('view', $dog);
        $given = Fields::of($request->validate(
            ['read' => ['required', 'array', 'max:30'], 'read.*' => [Rule::in(array_keys($cautions->cautions))]],
            ['read.*' => say('messages.caution.tick_the_cautions_you_have_read')],
        ));
        CautionRepository::markRead($given->texts('read'), $dog, $user, $clock->now());

        return redirect()->route('dogs.show', $dog)->with('status', say('messages.caution.recorded_as_read'));
    }
}
