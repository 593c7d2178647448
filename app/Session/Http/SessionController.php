<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Access\InSight;
use App\Dog\Readiness;
use App\Engine\SituationReader;
use App\Engine\State\SessionState;
use App\Models\Plan;
use App\Models\Session;
use App\Models\SessionEventKind;
use App\Models\User;
use App\People\Http\HandlerOnTheSpot;
use App\Session\AskAdvice;
use App\Session\GearTrouble;
use App\Session\Handlers;
use App\Session\NotCleared;
use App\Session\StartSession;
use App\Support\Fields;
use Core\Decision\RuleBook;
use Core\Method\Clearance;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

final readonly class SessionController
{
    public function __construct(
        private AskAdvice $advice, private SessionPage $page, private StartSession $start, private SituationReader $situations,
        private Readiness $readiness, private Handlers $handlers, private ClockInterface $clock,
    ) {
    }

    /** The checklist, with the last session's answers; a change of place or upset asks again where to start. */
    public function create(StartSessionRequest $request, Plan $plan, #[CurrentUser] User $user): View
    {
        Gate::authorize('start', $plan);
        $last = $plan->sessions()->reorder()->latest('started_at')->latest('id')->first();
        $place = $request->has('place_id') ? $request->place() : ($last === null ? $plan->place : $last->place);
        $setting = $this->start->setting($plan, $place, $request->upset());
        $situation = $this->situations->ofPlan($plan, $this->clock->now(), $setting);
        $suggestion = [
            'setting' => $setting,
            'start' => RuleBook::standard()->decide($situation),
            'catalog' => $situation->catalog,
        ];

        return $request->header('HX-Request') === 'true'
            ? view('partials.start-suggestion', $suggestion)
            : view('pages.sessions.create', [
                ...$suggestion, 'plan' => $plan, 'last' => $last, 'missing' => $this->readiness->missing($plan),
                'people' => $this->handlers->of($plan->responseModel->dog, $user), 'person' => $this->handlers->usual($plan, $user),
                'gearLastTime' => $last === null ? null : GearTrouble::tryFrom(Fields::of(
                    $last->events()->where('kind', SessionEventKind::Gear->value)->latest('id')->first()?->data,
                )->text('what'))?->value,
                'unread' => $this->readiness->unread($plan, $user),
                'places' => InSight::places($user)->orderBy('name')->limit(200)->get(),
            ]);
    }

    /** Starts a session, or goes back to the one of this plan that is still open. */
    public function store(StartSessionRequest $request, Plan $plan, HandlerOnTheSpot $handler, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('start', $plan);
        $handler->take($request, $user);
        try {
            return redirect()->route('sessions.show', $this->start->start($plan, $user, $request->checklist($plan)));
        } catch (NotCleared $problem) {
            $messages = [];
            foreach ($problem->inTheWay as $one) {
                $messages[$one->value] = match ($one) {
                    Clearance::Handler => say('messages.session.may_not_handle_this_dog_give', [
                        'person' => $problem->limit?->person->name, 'reason' => $problem->limit?->reason,
                    ]),
                    Clearance::Caution => say('messages.session.read_the_cautions_and_tick_them'),
                    Clearance::Foundation => say('messages.session.say_why_it_begins_without_what'),
                };
            }
            throw ValidationException::withMessages($messages);
        }
    }

    public function show(Request $request, Session $session, #[CurrentUser] User $user): View|RedirectResponse
    {
        Gate::authorize('view', $session);
        if (SessionState::read($session->state) === null && $session->ended_at === null) {
            $this->advice->ask($session); // begun before devices read such a state
        }

        return $session->ended_at !== null
            ? redirect()->route('sessions.review', $session)
            : view('pages.sessions.show', [...$this->page->of($session, $user), 'isPlain' => $request->boolean('plain')]);
    }
}
