<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Core\Measure\DistanceUnit;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class UnitController
{
    public function update(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['distance_unit' => ['required', Rule::enum(DistanceUnit::class)]]);
        $user->update(['distance_unit' => $given['distance_unit']]);

        return redirect()->back();
    }
}
