<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\ApiTokens;
use App\Models\ApiScope;
use App\Models\ApiToken;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Programs that are let in. */
final readonly class ApiTokenController
{
    private const MOST = 200;

    public function __construct(private ApiTokens $tokens)
    {
    }

    public function index(#[CurrentUser] User $user): View
    {
        Gate::authorize('create', ApiToken::class);

        return view('pages.api.index', [
            'tokens' => ApiToken::query()->where('practice_id', $user->practice_id)->when(
                ! $user->role->managesPractice(), static fn ($own) => $own->where('user_id', $user->id),
            )->with('user')->orderByDesc('id')->limit(self::MOST)->get(),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', ApiToken::class);
        $given = Fields::of($request->validate([
            'program' => ['required', 'string', 'max:80'], 'scopes' => ['required', 'array', 'min:1'],
            'scopes.*' => [Rule::enum(ApiScope::class)], 'token_days' => ['required', 'integer', Rule::in(ApiTokens::DAYS)],
        ], [
            'program.*' => say('api.problems.program'), 'scopes' => say('api.problems.scopes'), 'scopes.*' => say('api.problems.scopes'),
            'token_days.*' => say('api.problems.days'),
        ]));
        $scopes = array_values(array_filter(
            ApiScope::cases(), static fn (ApiScope $scope): bool => in_array($scope->value, $given->texts('scopes'), true),
        ));
        $secret = $this->tokens
            ->make($user, $given->text('program'), $scopes === [] ? [ApiScope::Read] : $scopes, $given->int('token_days'));

        return redirect()->route('api-tokens')->with('api-token', $secret);
    }

    public function destroy(ApiToken $token, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('delete', $token);
        $this->tokens->close($user, $token);

        return redirect()->route('api-tokens')->with('status', say('api.closed_now', ['name' => $token->name]));
    }
}
