<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\DogCatalogs;
use App\Models\AdviceGiven;
use App\Models\Session;
use App\Models\Trial;
use App\Models\User;
use App\Session\CorrectTrial;
use App\Session\LogTrial;
use App\Session\TrialChanges;
use App\Session\TrialParser;
use App\Support\Fields;
use App\Words\AdviceInWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final readonly class TrialController
{
    public function __construct(
        private LogTrial $log, private CorrectTrial $corrections, private TrialParser $parser, private TrialChanges $changes,
        private DogCatalogs $catalogs,
    ) {
    }

    /**
     * Logs a trial and answers with the advice: as JSON, or by going back to the page, which shows the review once the session has ended.
     */
    public function store(LogTrialRequest $request, Session $session, #[CurrentUser] User $user): JsonResponse|RedirectResponse
    {
        $logged = $this->log->log($session, $user, $request->toTrial($this->parser));

        return $request->expectsJson()
            ? new JsonResponse([
                'trial' => ['uuid' => strtolower($request->uuid())],
                'advice' => self::asJson($logged['advice'], new AdviceInWords(words(), $this->catalogs->of($session->plan->responseModel))),
            ], $logged['isNew'] ? 201 : 200)
            : $this->onward($request, $session);
    }

    /** Back to the session; where trials are written down one after the other, to the next of them. */
    private function onward(LogTrialRequest $request, Session $session): RedirectResponse
    {
        return $request->input('then') === 'new'
            ? redirect()->route('sessions.review', [$session, 'trial' => 'new'])->withFragment('new-trial')
            : redirect()->route('sessions.show', $session);
    }

    public function update(EditTrialRequest $request, Session $session, int $trial, #[CurrentUser] User $user): RedirectResponse
    {
        $found = Trial::query()->where('session_id', $session->id)->findOrFail($trial);
        $changes = $request->toChanges($this->changes);
        if ($changes === []) {
            return redirect()->route('sessions.review', $session)->with('status', say('messages.trial.nothing_was_changed'));
        }
        $this->corrections->edit($session, $user, $found->id, $request->uuid(), $changes);

        return redirect()->route('sessions.review', $session)->with('status', say('messages.trial.the_correction_is_kept_beside_the'));
    }

    /** Takes a trial out of the count; it stays on record and can be put back. */
    public function destroy(Request $request, Session $session, int $trial, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->counted($request, $session, $trial, $user, false);
    }

    public function restore(Request $request, Session $session, int $trial, #[CurrentUser] User $user): RedirectResponse
    {
        return $this->counted($request, $session, $trial, $user, true);
    }

    private function counted(Request $request, Session $session, int $trial, User $user, bool $isIn): RedirectResponse
    {
        Gate::authorize('view', $session);
        $uuid = Fields::of($request->validate(['uuid' => ['required', 'string', 'uuid']]))->text('uuid');
        $found = Trial::query()->where('session_id', $session->id)->findOrFail($trial);
        $isIn
            ? $this->corrections->putBack($session, $user, $found->id, $uuid)
            : $this->corrections->takeOut($session, $user, $found->id, $uuid);

        return redirect()->route('sessions.review', $session)->with('status', say(
            $isIn ? 'messages.trial.put_back' : 'messages.trial.taken_out',
        ));
    }

    /** @return array<string, mixed> */
    public static function asJson(AdviceGiven $advice, AdviceInWords $inWords): array
    {
        return [
            'action' => $advice->action->value,
            'label' => $inWords->action($advice->action, false),
            'exposure' => $advice->exposure,
            'reasons' => array_map(
                static fn (array $reason): array => ['code' => $reason['code'], 'sentence' => $inWords->reason($reason)], $advice->reasons,
            ),
            'alternatives' => array_map(
                static fn (array $other): array => [...$other, 'change' => $inWords->change($other)], $advice->alternatives,
            ),
            'risk' => $advice->strain_mean === null ? null : [
                'strainMean' => $advice->strain_mean, 'strainBound' => $advice->strain_bound,
                'reactionMean' => $advice->reaction_mean, 'reactionBound' => $advice->reaction_bound,
            ],
            'closing' => $advice->is_closing,
            'engine' => $advice->engine,
        ];
    }
}
