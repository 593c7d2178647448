<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Access\InSight;
use App\Models\Dog;
use App\Models\Invitation;
use App\Models\Person;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Role;
use App\Models\User;
use App\People\KeepPerson;
use App\Support\SearchWord;
use App\Trail\Archive;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Who handles dogs, with or without a sign-in. */
final readonly class PersonController
{
    private const A_PAGE = 40;

    public function __construct(private KeepPerson $people)
    {
    }

    public function index(Request $request, #[CurrentUser] User $user): View
    {
        Gate::authorize('create', Person::class);
        $search = new SearchWord($request->string('q')->value());

        return view('pages.people.index', [
            'people' => $search->in(Person::query()->where('practice_id', $user->practice_id), ['name'])->with(['user', 'client'])
                ->when($request->boolean('archived'), static fn ($people) => $people->whereNotNull('archived_at'))
                ->when(! $request->boolean('archived'), static fn ($people) => $people->whereNull('archived_at'))
                ->orderBy('name')->orderBy('id')->paginate(self::A_PAGE)->withQueryString(),
            'invited' => $this->invited($user)->pluck('email', 'person_id'), 'search' => $search->typed,
            'isArchived' => $request->boolean('archived'),
        ]);
    }

    public function create(#[CurrentUser] User $user): View
    {
        Gate::authorize('create', Person::class);

        return view('pages.people.create', ['clients' => InSight::clientsToChoose($user)]);
    }

    public function store(PersonRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $person = $this->people->add($user, $request->columns());

        return redirect()->route('people.show', $person)->with('status', say('people.added', ['name' => $person->name]));
    }

    public function show(Person $person, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $person);

        return view('pages.people.show', [
            'person' => $person, 'clients' => InSight::clientsToChoose($user),
            'invitation' => $this->invited($user)->where('person_id', $person->id)->first(),
            'dogs' => Dog::query()->where('practice_id', $user->practice_id)->whereNull('archived_at')->orderBy('name')->limit(500)
                ->pluck('name', 'id'),
            'inCharge' => Dog::query()->where('practice_id', $user->practice_id)->where('trainer_id', $person->user_id)
                ->whereNotNull('trainer_id')->orderBy('name')->limit(200)->get(),
            'plans' => Plan::query()->whereIn('response_model_id', ResponseModel::query()->where('person_id', $person->id)->select('id'))
                ->with('responseModel.dog')->orderBy('name')->limit(200)->get(),
            'trainers' => User::query()->where('practice_id', $user->practice_id)->whereIn('role', [Role::Owner, Role::Trainer])
                ->whereNull('disabled_at')->where('id', '<>', $person->user_id ?? 0)->orderBy('name')->limit(200)->pluck('name', 'id'),
        ]);
    }

    public function update(PersonRequest $request, Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        $this->people->change($user, $person, $request->columns());

        return redirect()->route('people.show', $person)->with('status', say('account.saved'));
    }

    public function archive(Person $person, Archive $archive, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $person);
        $archive->archive($user, $person);

        return redirect()->route('people.show', $person)->with('status', say('people.archived', ['name' => $person->name]));
    }

    public function restore(Person $person, Archive $archive, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $person);
        $archive->restore($user, $person);

        return redirect()->route('people.show', $person)->with('status', say('people.restored', ['name' => $person->name]));
    }

    /** @return Builder<Invitation> */
    private function invited(User $user): Builder
    {
        return Invitation::open()->where('practice_id', $user->practice_id);
    }
}
