<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\DogCatalogs;
use App\Engine\LimitReader;
use App\Engine\SituationReader;
use App\Models\Session;
use App\Models\User;
use App\Session\ContactSummary;
use App\Session\GradeAgreement;
use App\Session\ReviewPage;
use App\Session\SessionEvents;
use Core\Decision\RuleBook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

final readonly class ReviewController
{
    public function __construct(
        private ReviewPage $page, private LimitReader $limits, private SituationReader $situations, private GradeAgreement $agreement,
        private SessionEvents $events, private ContactSummary $contact, private DogCatalogs $catalogs, private ClockInterface $clock,
    ) {
    }

    public function show(Session $session, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $session);

        return view('pages.sessions.review', [
            'session' => $session,
            'plan' => $session->plan,
            'dog' => $session->plan->responseModel->dog,
            'catalog' => $this->catalogs->of($session->plan->responseModel),
            'rows' => $this->page->rows($session),
            'events' => [...$this->contact->of($session), ...$this->events->of($session)],
            'agreement' => $this->agreement->of($session),
            'undone' => $session->trials()
                ->whereHas('corrections', static fn ($corrections) => $corrections->where('kind', 'undo'))->count(),
            ...$this->limits->around($session),
            'nextStart' => $session->plan->trashed() ? null
                : RuleBook::standard()->decide($this->situations->read($session->plan, null, [], $this->clock->now())),
            'editUuid' => fn (): string => (string) Str::uuid7(),
        ]);
    }
}
