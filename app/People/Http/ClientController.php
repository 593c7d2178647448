<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Models\Client;
use App\Models\User;
use App\People\KeepClient;
use App\Support\SearchWord;
use App\Trail\Archive;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Households: whom to call, and whose dogs they are. */
final readonly class ClientController
{
    private const A_PAGE = 40;

    public function __construct(private KeepClient $clients)
    {
    }

    public function index(Request $request, #[CurrentUser] User $user): View
    {
        Gate::authorize('create', Client::class);
        $search = new SearchWord($request->string('q')->value());

        return view('pages.clients.index', [
            'clients' => $search->in(
                Client::query()->where('practice_id', $user->practice_id), ['name', 'phone'], ['dogs' => 'name'],
            )->with(['dogs', 'people'])
                ->when($request->boolean('archived'), static fn ($clients) => $clients->whereNotNull('archived_at'))
                ->when(! $request->boolean('archived'), static fn ($clients) => $clients->whereNull('archived_at'))
                ->orderBy('name')->orderBy('id')->paginate(self::A_PAGE)->withQueryString(),
            'search' => $search->typed, 'isArchived' => $request->boolean('archived'),
        ]);
    }

    public function create(): View
    {
        Gate::authorize('create', Client::class);

        return view('pages.clients.create');
    }

    public function store(ClientRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $client = $this->clients->add($user, $request->columns());

        return redirect()->route('clients.show', $client)->with('status', say('people.added', ['name' => $client->name]));
    }

    public function show(Client $client): View
    {
        Gate::authorize('view', $client);

        return view('pages.clients.show', ['client' => $client]);
    }

    public function update(ClientRequest $request, Client $client, #[CurrentUser] User $user): RedirectResponse
    {
        $this->clients->change($user, $client, $request->columns());

        return redirect()->route('clients.show', $client)->with('status', say('account.saved'));
    }

    public function archive(Client $client, Archive $archive, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $client);
        $archive->archive($user, $client);

        return redirect()->route('clients.show', $client)->with('status', say('people.archived', ['name' => $client->name]));
    }

    public function restore(Client $client, Archive $archive, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $client);
        $archive->restore($user, $client);

        return redirect()->route('clients.show', $client)->with('status', say('people.restored', ['name' => $client->name]));
    }
}
