<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\CoreCatalogs;
use App\Engine\DogCatalogs;
use App\Engine\LimitReader;
use App\Engine\PlanReader;
use App\Engine\SituationReader;
use App\Models\Session;
use App\Models\User;
use App\Session\ContactSummary;
use App\Session\GradeAgreement;
use App\Session\InPlay;
use App\Session\QuietSummary;
use App\Session\ReviewPage;
use App\Session\SessionEvents;
use App\Session\Traits;
use Core\Decision\LoggedTrial;
use Core\Decision\RuleBook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

final readonly class ReviewController
{
    public function __construct(
        private CoreCatalogs $core, private PlanReader $plans, private ReviewPage $page, private LimitReader $limits,
        private SituationReader $situations, private GradeAgreement $agreement,
        private SessionEvents $events, private Traits $traits, private ContactSummary $contact, private DogCatalogs $catalogs,
        private ClockInterface $clock,
    ) {
    }

    public function show(Request $request, Session $session, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $session);

        $rows = $this->page->rows($session);

        return view('pages.sessions.review', [
            'session' => $session,
            'plan' => $session->plan,
            'dog' => $session->plan->responseModel->dog,
            'catalog' => $this->catalogs->of($session->plan->responseModel),
            'rows' => $rows,
            'takenOut' => $this->page->takenOut($session),
            ...$this->editor($request, $session, $user, $rows),
            'events' => [
                ...QuietSummary::of($session, array_column($rows, 'trial')), ...$this->contact->of($session),
                ...$this->events->of($session),
            ],
            'agreement' => $this->agreement->of($session),
            ...$this->limits->around($session),
            'nextStart' => $session->plan->trashed() ? null
                : RuleBook::standard()->decide($this->situations->ofPlan($session->plan, $this->clock->now())),
            'editUuid' => fn (): string => (string) Str::uuid7(),
        ]);
    }

    /**
     * What the one editor needs, that opens on the trial named in the address, or on a new one.
     *
     * @param  list<array{id: int, trial: LoggedTrial, traits: list<string>}>  $rows
     * @return array<string, mixed>
     */
    private function editor(Request $request, Session $session, User $user, array $rows): array
    {
        $named = $request->query('trial');
        if (! is_string($named)) {
            return ['open' => 0];
        }
        $kind = $session->plan->responseModel->kind;
        $row = array_column($rows, null, 'id')[(int) $named] ?? null;
        $steps = $this->plans->read($session->plan)->ladder->steps;
        $last = $session->trials()->reorder()->latest('occurred_at')->first()->occurred_at ?? $session->started_at;

        return [
            'open' => $named === 'new' ? $named : (int) $named,
            'steps' => $steps,
            'unit' => $user->units()->distance,
            'traits' => $this->traits->of($session->plan->responseModel, $row['traits'] ?? []),
            'inPlay' => InPlay::of($this->catalogs->of($session->plan->responseModel), $kind, $steps),
            'signs' => $this->core->signs->byPart($kind, $row === null ? [] : $row['trial']->signs),
            // the next one is typed from where the last one was
            'addAt' => $last->setTimezone(new \DateTimeZone(words()->reader->zone))->format('H:i'),
        ];
    }
}
