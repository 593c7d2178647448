<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Resource;
use App\Models\Session;
use App\Models\User;
use App\Session\SessionExport;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** What programs read. Lists are told in pages, by the number of the last record before. */
final readonly class ApiController
{
    private const MOST = 200;

    private const USUAL = 100;

    /** The document that says all of this. */
    public function document(): Response
    {
        return response((string) file_get_contents(resource_path('api/openapi.json')), 200, [
            'Content-Type' => 'application/vnd.oai.openapi+json;version=3.1', 'Cache-Control' => 'public, max-age=300',
        ]);
    }

    public function about(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse([
            'practice' => ['id' => $user->practice_id, 'name' => $user->practice->name, 'timeZone' => $user->practice->time_zone],
            'user' => ['id' => $user->id, 'name' => $user->name, 'role' => $user->role->value],
            'distanceUnit' => $user->units()->distance->value,
        ]);
    }

    public function index(Request $request, Resource $resource, #[CurrentUser] User $user): JsonResponse
    {
        $given = Fields::of($request->validate([
            'after' => ['nullable', 'integer', 'min:0'], 'limit' => ['nullable', 'integer', 'between:1,'.self::MOST],
            'dog' => ['nullable', 'integer', 'min:1'],
        ], [
            'after.*' => say('api.answers.after'), 'limit.*' => say('api.answers.limit', ['most' => self::MOST]),
            'dog.*' => say('api.answers.dog'),
        ]));
        $limit = $given->intOrNull('limit') ?? self::USUAL;
        $query = $resource->query($user, $given->intOrNull('dog'));
        $key = $query->getModel()->getQualifiedKeyName();
        $found = $query->where($key, '>', $given->intOrNull('after') ?? 0)->orderBy($key)->limit($limit + 1)->get();
        $shown = $found->take($limit);
        $last = $shown->last();

        return new JsonResponse([
            'data' => array_values($shown->map(static fn (Model $one): array => Resource::told($one))->all()),
            'next' => $found->count() > $limit && $last !== null ? $last->getKey() : null,
        ]);
    }

    /** One session with all its trials, as it is exported. */
    public function session(Session $session, SessionExport $export): Response
    {
        Gate::authorize('view', $session);

        return response($export->toJson($session), 200, ['Content-Type' => 'application/json']);
    }
}
