<?php

declare(strict_types=1);

namespace App\Handling\Http;

use App\Handling\CoveragePage;
use App\Models\Dog;
use App\Models\User;
use Core\Exposure\PlanKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What has been covered, under the hand or at a distance, and what is best next. */
final readonly class CoverageController
{
    public function show(Request $request, Dog $dog, CoveragePage $page, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $dog);
        $kind = $request->string('kind')->value() === PlanKind::Presence->value ? PlanKind::Presence : PlanKind::Contact;
        $triggers = $dog->triggers()->where('kind', $kind->value)->orderBy('name')->limit(100)->pluck('name', 'id')->all();
        $names = options("factor_{$kind->value}", CoveragePage::FACTORS[$kind->value]);
        $pick = static fn (string $field, string $else): string => array_key_exists($request->string($field)->value(), $names)
            ? $request->string($field)->value()
            : $else;
        [$first, $second] = array_keys($names);
        $chosen = [
            'trigger' => array_key_exists($request->integer('trigger'), $triggers) ? $request->integer('trigger') : null,
            'rows' => $pick('rows', $first), 'columns' => $pick('columns', $second),
        ];

        return view('pages.dogs.coverage', [
            'dog' => $dog, 'kind' => $kind, 'triggers' => $triggers, 'chosen' => $chosen, 'names' => $names,
            ...$page->of($user, $dog, $kind, $chosen['trigger']),
        ]);
    }
}
