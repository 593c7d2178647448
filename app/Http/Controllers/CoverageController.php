<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Handling\CoverageBoard;
use App\Models\Dog;
use Core\Exposure\PlanKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What has been covered under the hand, and what is best next. */
final readonly class CoverageController
{
    public function show(Request $request, Dog $dog, CoverageBoard $board): View
    {
        Gate::authorize('view', $dog);
        $triggers = $dog->triggers()->where('kind', PlanKind::Contact->value)->orderBy('name')->limit(100)->pluck('name', 'id')->all();
        $pick = static fn (string $field, string $else): string => array_key_exists($request->string($field)->value(), CoverageBoard::FACTORS) ? $request->string($field)->value() : $else;
        $chosen = ['trigger' => array_key_exists($request->integer('trigger'), $triggers) ? $request->integer('trigger') : null, 'rows' => $pick('rows', 'person'), 'columns' => $pick('columns', 'posture')];

        return view('pages.dogs.coverage', ['dog' => $dog, 'triggers' => $triggers, 'chosen' => $chosen, 'names' => CoverageBoard::FACTORS, ...$board->of($dog, $chosen['trigger'])]);
    }
}
