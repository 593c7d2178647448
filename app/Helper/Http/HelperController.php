<?php

declare(strict_types=1);

namespace App\Helper\Http;

use App\Helper\DirectHelper;
use App\Models\Session;
use App\Models\SessionHelper;
use App\Support\Fields;
use Core\Field\HelperWord;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;
use Words\Reader;

/** A helper's screen: big words from the handler's device, never the dog's history, always its safety. */
final readonly class HelperController
{
    public function __construct(private DirectHelper $helpers, private ClockInterface $clock)
    {
    }

    public function create(Session $session): View|RedirectResponse
    {
        Gate::authorize('view', $session);
        if ($session->ended_at !== null) {
            return redirect()->route('sessions.review', $session);
        }

        return view('pages.helper.create', ['session' => $session, 'dog' => $session->plan->responseModel->dog]);
    }

    public function store(Request $request, Session $session): RedirectResponse
    {
        Gate::authorize('view', $session);
        $given = Fields::of($request->validate(
            ['muzzle' => ['required', Rule::in(['yes', 'no'])]], ['muzzle.*' => say('helper.problems.muzzle')],
        ));
        $token = $this->helpers->invite($session, $given->text('muzzle') === 'yes');

        return redirect()->route('session-helper', $session)->with('helper-link', route('helper-screen', $token));
    }

    /** From the handler's device: the next word; and whether anybody is there. */
    public function update(Request $request, Session $session): JsonResponse|RedirectResponse
    {
        Gate::authorize('view', $session);
        $given = Fields::of($request->validate(
            ['word' => ['required', Rule::enum(HelperWord::class)]], ['word.*' => say('helper.problems.word')],
        ));
        $helper = SessionHelper::query()->where('session_id', $session->id)->firstOrFail();
        $this->helpers->say($helper, HelperWord::from($given->text('word')));

        return $request->expectsJson() ? $this->told($helper) : redirect()->route('sessions.show', $session);
    }

    public function look(Session $session): JsonResponse
    {
        Gate::authorize('view', $session);

        return $this->told(SessionHelper::query()->where('session_id', $session->id)->firstOrFail());
    }

    public function show(string $token): View|Response
    {
        $helper = $this->helpers->find($token);
        if ($helper === null) {
            return response()->view('pages.helper.ended', [], 410);
        }
        $dog = $helper->session->plan->responseModel->dog;
        app()->instance(Reader::class, $helper->practice->reader());

        return view('pages.helper.show', [
            'dog' => $dog, 'helper' => $helper, 'words' => route('helper-screen.word', $token, false), 'token' => $token,
            'passes' => DirectHelper::passes($helper->session), 'phone' => $helper->practice->phone, 'practice' => $helper->practice->name,
        ]);
    }

    /** Asked every second by the helper's device. */
    public function word(string $token): JsonResponse
    {
        $helper = $this->helpers->find($token);
        if ($helper === null) {
            return new JsonResponse(['word' => HelperWord::Stop->value, 'ended' => true], 410);
        }
        $this->helpers->isThere($helper);
        app()->instance(Reader::class, $helper->practice->reader());
        $meters = DirectHelper::keepAt($helper->session);

        return new JsonResponse([
            'word' => $helper->word->value, 'keep' => $meters === null ? null : words()->formats->meters($meters),
            'passes' => DirectHelper::passes($helper->session),
        ]);
    }

    public function pass(Request $request, string $token): JsonResponse
    {
        $helper = $this->helpers->find($token);
        if ($helper === null) {
            return new JsonResponse(['ended' => true], 410);
        }
        $given = Fields::of($request->validate(['uuid' => ['required', 'string', 'uuid']], ['uuid.*' => say('helper.problems.pass')]));
        $this->helpers->passed($helper, $given->text('uuid'));

        return new JsonResponse(['passes' => DirectHelper::passes($helper->session)]);
    }

    private function told(SessionHelper $helper): JsonResponse
    {
        $seen = $helper->seen_at?->toDateTimeImmutable();

        return new JsonResponse([
            'word' => $helper->word->value, 'passes' => DirectHelper::passes($helper->session),
            'isThere' => $seen !== null
                && (float) $this->clock->now()->format('U.u') - (float) $seen->format('U.u') <= HelperWord::SILENT_SECONDS,
        ]);
    }
}
