<?php

declare(strict_types=1);

namespace App\Home\Http;

use App\Home\HomeLinks;
use App\Home\HomePage;
use App\Home\ReceiveHomeEntry;
use App\Home\Speaker;
use App\Models\Dog;
use App\Models\HomeLink;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;
use Words\Audience;
use Words\Reader;

/** The page of a home: by a sign-in, or by a link that needs none. */
final readonly class HomeController
{
    private const MOST_ENTRIES = 100;

    /** What a plain form may come back with. */
    private const REFUSALS = ['task', 'undo', 'day', 'severity', 'message'];

    public function __construct(private HomePage $page, private ReceiveHomeEntry $entries, private HomeLinks $links)
    {
    }

    public function show(Request $request, Dog $dog): View
    {
        Gate::authorize('view', $dog);
        self::speak($request->string('language')->value());

        return $this->view($request, $dog, route('at-home', $dog, false), route('at-home.entries', $dog, false), null);
    }

    public function store(Request $request, Dog $dog, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $dog);

        return $this->receive($request, $dog, Speaker::user($user), route('at-home', $dog));
    }

    public function showByLink(Request $request, string $token): View|Response
    {
        $link = $this->links->find($token);
        if ($link === null) {
            return response()->view('pages.home.ended', [], 410);
        }
        $this->links->opened($link);
        self::speakByLink($request->string('language')->value(), $link);

        return $this->view(
            $request, $link->dog, route('home-page', $token, false), route('home-page.entries', $token, false), $link,
            route('home-page.manifest', $token, false),
        );
    }

    public function storeByLink(Request $request, string $token): Response
    {
        $link = $this->links->find($token);
        if ($link === null) {
            return $request->expectsJson()
                ? new JsonResponse(['message' => say('home.ended.title')], 410)
                : response()->view('pages.home.ended', [], 410);
        }
        self::speakByLink($request->string('language')->value(), $link);

        return $this->receive($request, $link->dog, Speaker::link($link), route('home-page', $token));
    }

    /** What an installed page is called, and where it begins. */
    public function manifest(string $token): JsonResponse
    {
        $link = $this->links->find($token) ?? abort(410);

        return new JsonResponse([
            'name' => say('home.title', ['dog' => $link->dog->name]), 'short_name' => $link->dog->name,
            'start_url' => route('home-page', $token, false), 'scope' => route('home-page', $token, false), 'display' => 'standalone',
            'background_color' => '#f7f4ec', 'theme_color' => '#eae5d8', 'icons' => [
                ['src' => '/icons/192.png', 'sizes' => '192x192', 'type' => 'image/png'],
                ['src' => '/icons/512.png', 'sizes' => '512x512', 'type' => 'image/png', 'purpose' => 'any maskable'],
            ],
        ], headers: ['Content-Type' => 'application/manifest+json']);
    }

    private function view(Request $request, Dog $dog, string $path, string $entries, ?HomeLink $link, ?string $manifest = null): View
    {
        $why = $request->string('told')->value();

        return view('pages.home.show', [
            'told' => in_array($why, self::REFUSALS, true) ? say("home.refused.{$why}") : null,
            'dog' => $dog, 'path' => $path, 'entriesPath' => $entries, 'link' => $link, 'manifest' => $manifest,
            'phone' => $dog->practice->phone, 'practice' => $dog->practice->name, ...$this->page->of($dog),
        ]);
    }

    /** From a device's queue, or one entry of a plain form. */
    private function receive(Request $request, Dog $dog, Speaker $by, string $back): Response
    {
        $isQueue = $request->expectsJson();
        $given = $request->validate($isQueue ? [
            'entries' => ['required', 'array', 'max:'.self::MOST_ENTRIES], 'entries.*' => ['array'],
            'entries.*.uuid' => ['required', 'string', 'uuid'],
            'entries.*.kind' => ['required', 'string', 'in:'.implode(',', ReceiveHomeEntry::KINDS)],
        ] : ['uuid' => ['required', 'string', 'uuid'], 'kind' => ['required', 'string', 'in:'.implode(',', ReceiveHomeEntry::KINDS)]], [
            '*' => say('home.refused.entry'),
        ]);
        if ($isQueue) {
            $entries = $request->input('entries');

            return new JsonResponse(['receipts' => array_map(
                fn (mixed $entry): array => $this->entries->take($dog, $by, is_array($entry) ? $entry : []),
                is_array($entries) ? array_values($entries) : [],
            )]);
        }
        $receipt = $this->entries->take($dog, $by, [...$request->except('_token'), 'uuid' => Fields::of($given)->text('uuid')]);

        return new RedirectResponse($back.'?'.http_build_query(array_filter([
            'language' => $request->string('language')->value(), 'told' => $receipt['why'] ?? null,
        ])));
    }

    /** To whoever is signed in, in the language the page is asked for. */
    private static function speak(string $language): void
    {
        if (in_array($language, HomeLinks::LANGUAGES, true)) {
            $reader = app(Reader::class);
            app()->instance(Reader::class, new Reader($language, $reader->units, $reader->zone, Audience::Guardian));
        }
    }

    /** To whoever has the link. */
    private static function speakByLink(string $language, HomeLink $link): void
    {
        app()->instance(Reader::class, $link->dog->practice->reader(
            in_array($language, HomeLinks::LANGUAGES, true) ? $language : $link->language,
        ));
    }
}
