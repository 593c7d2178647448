<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\CoreCatalogs;
use App\Engine\DogCatalogs;
use App\Engine\PlanReader;
use App\Engine\State\SessionState;
use App\Engine\TrialReader;
use App\Models\Session;
use App\Models\SessionHelper;
use App\Models\SoundSetUp;
use App\Models\Trial;
use App\Models\TrialSign;
use App\Models\User;
use App\Session\Handlers;
use App\Session\InPlay;
use App\Session\Places;
use App\Session\StateInWords;
use App\Session\Traits;
use App\Words\AdviceInWords;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Sign\Asked;
use Core\Sign\Outcome;
use Core\Sign\Sign;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;

/** All that the session's screen shows, for the whole page and for the part that is swapped after a trial. */
final readonly class SessionPage
{
    private const USUAL_SIGNS = 12;

    private const MOST_TARGETS = 5;

    /** Methods in which a repetition begins when the item comes into sight; elsewhere it begins with an offer. */
    private const IN_SIGHT = ['pairing', 'earned_ration'];

    public function __construct(
        private CoreCatalogs $catalogs, private DogCatalogs $dogs, private TrialReader $trials, private PlanReader $plans,
        private Handlers $handlers, private Traits $traits,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Session $session, User $user): array
    {
        $kind = $session->plan->responseModel->kind;
        $catalog = $this->dogs->of($session->plan->responseModel);
        $ladder = $this->plans->read($session->plan)->ladder;
        $inPlay = InPlay::of($catalog, $kind, $ladder->steps);
        $sound = SoundSetUp::of($session->plan->responseModel);
        $advice = $session->advice()->reorder()->latest('id')->with('step')->firstOrFail();
        $trials = $this->trials->ofSession($session)->trials;
        $last = $trials === [] ? null : $trials[array_key_last($trials)];
        $next = $advice->exposure === null ? null : Exposure::of($advice->exposure, $catalog);
        // where we are: what is advised is said above it
        $shown = $last->exposure ?? $next;

        $state = SessionState::read($session->state);

        return [
            'session' => $session,
            'dog' => $session->plan->responseModel->dog,
            'plan' => $session->plan,
            'unit' => $user->units()->distance,
            'advice' => $advice,
            'next' => $next,
            'nextWords' => $next === null ? null : words()->exposure($next, $catalog),
            'trials' => $trials,
            'uuid' => (string) Str::uuid7(),
            'undoUuid' => (string) Str::uuid7(),
            'distance' => $this->typed($shown?->distance(), $user),
            'inPlay' => $inPlay,
            'exposure' => $shown === null ? [] : $shown->values,
            'signs' => $this->catalogs->signs->byPart($kind),
            'kind' => $kind,
            'rows' => Asked::in($kind, $session->plan->method),
            'others' => Outcome::others($kind),
            'offerWords' => say(
                in_array($session->plan->method, self::IN_SIGHT, true) ? 'sessions.begins.in_sight' : 'sessions.begins.offered',
            ),
            'catalog' => $catalog,
            'usualSigns' => $this->usualSigns($session),
            'state' => $state === null ? null : (new StateInWords(words(), $catalog))->of($state),
            'inWords' => new AdviceInWords(words(), $catalog),
            'liveUrl' => URL::temporarySignedRoute(
                'live', now()->addDay(), ['session' => $session->id, 'reader' => $user->reader()->toText()], absolute: false,
            ),
            'sound' => $sound,
            'hasHelper' => SessionHelper::query()->where('session_id', $session->id)->exists(),
            'meterUrl' => $kind === PlanKind::Sound
                ? URL::temporarySignedRoute('meter.show', now()->addDay(), ['session' => $session->id], absolute: false)
                : null,
            'food' => $this->food($session),
            'steps' => $ladder->steps,
            'targets' => $kind === PlanKind::Presence ? $this->targets($session) : [],
            'people' => $this->handlers->of($session->plan->responseModel->dog, $user),
            'traits' => $kind === PlanKind::Presence ? $this->traits->of($session->plan->responseModel) : [],
            'places' => Places::of($ladder, $catalog, $inPlay, $sound?->player()),
        ];
    }

    private function typed(?Distance $distance, User $user): string
    {
        return $distance === null ? '' : (string) round($distance->as($user->units()->distance), 1);
    }

    /**
     * Signs in reach of the thumb: those this dog has shown most, then those that tell most in this way of working.
     *
     * @return list<Sign>
     */
    private function usualSigns(Session $session): array
    {
        $seen = TrialSign::query()
            ->toBase()->join('trials', 'trials.id', '=', 'trial_signs.trial_id')->join('sessions', 'sessions.id', '=', 'trials.session_id')
            ->where('sessions.plan_id', $session->plan_id)
            ->groupBy('sign')->orderByRaw('COUNT(*) DESC')->limit(self::USUAL_SIGNS)->pluck('sign')->all();
        $usual = $this->catalogs->methods()->method($session->plan->method)->signs;
        // of a dog that hides its signs these two say most; and a circumstance that explains a sign away is as near as the sign
        $hidden = $session->plan->responseModel->dog->hides_signs ? ['brow.wrinkled', 'with.me'] : [];
        $codes = [
            ...array_slice(array_unique([...$hidden, ...array_filter($seen, is_string(...)), ...$usual]), 0, self::USUAL_SIGNS),
            'asked_to_sniff', 'own_dog_here',
        ];

        return array_values(array_filter(array_map(
            fn (string $code): ?Sign => $this->catalogs->signs->signs[$code] ?? null, array_unique($codes),
        )));
    }

    /** @return list<string> what this dog may stare at, by one tap: what the plan is about, then what was said lately */
    private function targets(Session $session): array
    {
        $said = Trial::query()->toBase()->join('sessions', 'sessions.id', '=', 'trials.session_id')
            ->where('sessions.plan_id', $session->plan_id)->where('trials.stare_at', '!=', '')->groupBy('trials.stare_at')
            ->orderByRaw('MAX(trials.id) DESC')->limit(self::MOST_TARGETS)->pluck('trials.stare_at')->all();

        return array_values(array_unique([$session->plan->responseModel->trigger->name, ...array_filter($said, is_string(...))]));
    }

    /** Pieces counted before the session, of both kinds; null if they were not. */
    private function food(Session $session): ?int
    {
        $food = $session->checklist['food'] ?? null;

        return is_array($food) && $food !== []
            ? (int) array_sum(array_map(static fn (mixed $pieces): int => is_numeric($pieces) ? (int) $pieces : 0, $food))
            : null;
    }
}
