<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\DogCatalogs;
use App\Engine\State\SessionState;
use App\Models\Session;
use App\Session\StateInWords;
use App\Support\Fields;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Words\Lexicon;
use Words\Phrases;
use Words\Reader;

/**
 * The session as it stands, for a second device that looks on. Asked for every second or two: it answers at once from one row,
 * by a signed address without a sign-in session, so that looking on neither holds a worker nor keeps anybody signed in.
 */
final readonly class LiveController
{
    public function __construct(private DogCatalogs $catalogs, private Lexicon $lexicon)
    {
    }

    public function __invoke(Request $request, int $session): JsonResponse|Response
    {
        $row = Session::query()->toBase()->where('id', $session)->first(['state', 'ended_at']);
        if ($row === null || $row->state === null) {
            return new Response('', 404);
        }
        $state = SessionState::read(json_decode(Fields::of($row)->text('state'), true, flags: JSON_THROW_ON_ERROR));
        if ($state === null) {
            return new Response('', 404);
        }
        if ($request->integer('since') === $state->version && $row->ended_at === null) {
            return new Response('', 204);
        }

        $catalog = $this->catalogs->of(Session::query()->findOrFail($session)->plan->responseModel);
        $words = new Phrases($this->lexicon, Reader::fromText($request->string('reader')->value()));

        return new JsonResponse([
            'state' => [...(new StateInWords($words, $catalog))->of($state), 'ended' => $row->ended_at !== null],
        ]);
    }
}
