<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\SaveIntake;
use App\Engine\CoreCatalogs;
use App\Models\Dog;
use App\Models\Intake;
use App\Models\User;
use Core\Sign\Sign;
use Core\Sign\SignWeight;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final readonly class IntakeController
{
    public function __construct(private CoreCatalogs $catalogs)
    {
    }

    public function edit(Dog $dog): View
    {
        Gate::authorize('plan', $dog);

        return view('pages.dogs.intake', [
            'dog' => $dog,
            'intake' => $dog->intake ?? new Intake(['worst' => 'none']),
            // only what may be somebody's normal: nobody's normal is a growl
            'signs' => array_filter($this->catalogs->signs->signs, static fn (Sign $sign): bool => in_array(
                $sign->weight, [SignWeight::Small, SignWeight::Medium, SignWeight::Tiredness], true,
            )),
        ]);
    }

    public function update(IntakeRequest $request, Dog $dog, SaveIntake $intakes, #[CurrentUser] User $user): RedirectResponse
    {
        $intakes->keep($dog, $user, $request->columns(), $request->hasBitten(), $request->boolean('corrections'), $request->healthNote());

        return redirect()->route('dogs.show', $dog)->with('status', say('messages.intake.the_intake_is_kept_next_what'));
    }
}
