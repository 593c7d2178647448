<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditTrialRequest;
use App\Http\Requests\LogTrialRequest;
use App\Http\Requests\TrialRules;
use App\Models\AdviceGiven;
use App\Models\Session;
use App\Models\Trial;
use App\Models\User;
use App\Trials\TrialLogger;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

final readonly class TrialController
{
    public function __construct(private TrialLogger $logger, private TrialRules $rules)
    {
    }

    /** Logs a trial and answers with the advice: as JSON, or by going back to the page, which shows the review once the session has ended. */
    public function store(LogTrialRequest $request, Session $session, #[CurrentUser] User $user): JsonResponse|RedirectResponse
    {
        $logged = $this->logger->log($session, $user, $request->toTrial($this->rules));

        return $request->expectsJson()
            ? new JsonResponse([
                'trial' => ['uuid' => strtolower((string) $request->validated('uuid'))],
                'advice' => self::asJson($logged['advice']),
            ], $logged['isNew'] ? 201 : 200)
            : redirect()->route('sessions.show', $session);
    }

    public function update(EditTrialRequest $request, Session $session, int $trial, #[CurrentUser] User $user): RedirectResponse
    {
        $found = Trial::query()->where('session_id', $session->id)->findOrFail($trial);
        $changes = $request->toChanges();
        if ($changes === []) {
            return redirect()->route('sessions.review', $session)->with('said', 'Nothing was changed.');
        }
        $this->logger->edit($session, $user, $found->id, (string) $request->validated('uuid'), $changes);

        return redirect()->route('sessions.review', $session)->with('said', 'The correction is kept beside the trial, and the session was worked out again.');
    }

    /** @return array<string, mixed> */
    public static function asJson(AdviceGiven $advice): array
    {
        return [
            'action' => $advice->action->value,
            'label' => $advice->action->label(),
            'exposure' => $advice->exposure,
            'reasons' => $advice->reasons,
            'alternatives' => $advice->alternatives,
            'risk' => $advice->strain_mean === null ? null : [
                'strainMean' => $advice->strain_mean, 'strainBound' => $advice->strain_bound,
                'reactionMean' => $advice->reaction_mean, 'reactionBound' => $advice->reaction_bound,
            ],
            'closing' => $advice->is_closing,
            'engine' => $advice->engine,
        ];
    }
}
