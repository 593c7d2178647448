<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Access\InSight;
use App\Dog\Readiness;
use App\Engine\SituationReader;
use App\Library\CautionRepository;
use App\Models\HandlerLimit;
use App\Models\Plan;
use App\Models\Session;
use App\Models\User;
use App\Session\LogTrial;
use App\Session\SessionPage;
use App\Session\StartSession;
use Core\Decision\RuleBook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

final readonly class SessionController
{
    public function __construct(private LogTrial $logger, private SessionPage $panel, private StartSession $start, private SituationReader $situations, private Readiness $readiness, private ClockInterface $clock)
    {
    }

    /** The checklist, with the last session's answers; a change of place or upset asks again where to start. */
    public function create(StartSessionRequest $request, Plan $plan, #[CurrentUser] User $user): View
    {
        Gate::authorize('start', $plan);
        $last = $plan->sessions()->reorder()->latest('started_at')->latest('id')->first();
        $place = $request->has('place_id') ? $request->place() : ($last === null ? $plan->place : $last->place);
        $setting = $this->start->setting($plan, $place, $request->upset());
        $situation = $this->situations->read($plan, null, [], $this->clock->now(), $setting);
        $suggestion = [
            'setting' => $setting,
            'start' => RuleBook::standard()->decide($situation),
            'catalog' => $situation->catalog,
        ];

        return $request->header('HX-Request') === 'true'
            ? view('partials.start-suggestion', $suggestion)
            : view('pages.sessions.create', [
                ...$suggestion, 'plan' => $plan, 'last' => $last, 'missing' => $this->readiness->missing($plan), 'unread' => $this->readiness->unread($plan, $user),
                'places' => InSight::places($user)->orderBy('name')->limit(200)->get(),
            ]);
    }

    /** Starts a session, or goes back to the one of this plan that is still open. */
    public function store(StartSessionRequest $request, Plan $plan, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('start', $plan);
        if ($plan->sessions()->whereNull('ended_at')->doesntExist()) {
            $this->gate($request, $plan, $user);
        }

        return redirect()->route('sessions.show', $this->start->start($plan, $user, $request));
    }

    /** Cautions are read first; without a foundation the work begins only for a reason that is told. Both are recorded. */
    private function gate(StartSessionRequest $request, Plan $plan, User $user): void
    {
        $unread = $this->readiness->unread($plan, $user);
        $missing = $this->readiness->missing($plan);
        $reason = trim($request->string('without_reason')->value());
        $limit = HandlerLimit::query()->where('dog_id', $plan->responseModel->dog_id)->where('person_id', $plan->responseModel->person_id)->first();
        $problems = array_filter([
            'handler' => $limit === null ? null : say('messages.session.may_not_handle_this_dog_give', ['person' => $plan->responseModel->person->name, 'reason' => $limit->reason]),
            'read' => array_diff_key($unread, array_flip($request->read())) === [] ? null : say('messages.session.read_the_cautions_and_tick_them'),
            'without_reason' => $missing === [] || $reason !== '' ? null : say('messages.session.say_why_it_begins_without_what'),
        ]);
        if ($problems !== []) {
            throw ValidationException::withMessages($problems);
        }
        CautionRepository::markRead(array_keys($unread), $plan->responseModel->dog, $user, $this->clock->now());
        $this->readiness->waive($plan, $user, $missing, $reason);
    }

    public function show(Session $session, #[CurrentUser] User $user): View|RedirectResponse
    {
        Gate::authorize('view', $session);
        if ($session->state === null && $session->ended_at === null) {
            $this->logger->advise($session, $user); // begun before devices kept a state
        }

        return $session->ended_at !== null
            ? redirect()->route('sessions.review', $session)
            : view('pages.sessions.show', $this->panel->of($session, $user));
    }
}
