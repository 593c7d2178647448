<?php

declare(strict_types=1);

namespace App\Craft\Http;

use App\Craft\VisitYard;
use App\Engine\CoreCatalogs;
use App\Models\User;
use App\Models\YardVisit;
use App\Support\Fields;
use Core\Decision\SituationAssembly;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Yard\EngineView;
use Core\Yard\Frame;
use Core\Yard\HandsScore;
use Core\Yard\Scene;
use Core\Yard\YardDog;
use Core\Yard\YardScore;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** The practice yard: a simulated dog in real time, and what came of it. */
final readonly class YardController
{
    private const SHOWN = 3;

    public function __construct(private VisitYard $yard)
    {
    }

    public function index(#[CurrentUser] User $user): View
    {
        $scores = array_fill_keys(array_map(static fn (YardDog $dog): string => $dog->value, YardDog::cases()), []);
        foreach (YardVisit::latestOf($user, self::SHOWN) as $visit) {
            $scores[$visit->dog->value][] = $visit;
        }

        return view('pages.craft.yard', ['visits' => $scores]);
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = Fields::of($request->validate(
            ['dog' => ['required', Rule::enum(YardDog::class)]], ['dog.*' => say('yard.problems.dog')],
        ));

        return redirect()->route('yard-visit', $this->yard->begin($user, YardDog::from($given->text('dog'))));
    }

    public function show(YardVisit $visit, SituationAssembly $assembly, CoreCatalogs $catalogs): View
    {
        Gate::authorize('view', $visit);
        if ($visit->ended_at === null) {
            return view('pages.craft.yard-visit', ['visit' => $visit]);
        }
        $frames = VisitYard::frames($visit);
        $acts = VisitYard::acts($visit);
        if ($visit->dog->scene() === Scene::Hands) {
            return view('pages.craft.hands-result', [
                'visit' => $visit, 'frames' => $frames, 'acts' => $acts, 'score' => HandsScore::of($frames, $acts),
            ]);
        }
        $catalog = $catalogs->dimensions(PlanKind::Presence);

        return view('pages.craft.yard-result', [
            'visit' => $visit, 'frames' => $frames, 'acts' => $acts, 'score' => YardScore::of($visit->dog, $frames, $acts),
            'engine' => (new EngineView($assembly, $catalog))->of($frames), 'catalog' => $catalog,
        ]);
    }

    public function acts(Request $request, YardVisit $visit): JsonResponse
    {
        Gate::authorize('view', $visit);
        $given = TimedActs::of($request, $visit->dog->scene()->acts(), VisitYard::LONGEST, say('yard.problems.acts'));
        $frames = $this->yard->goOn($visit, $given->acts, $given->until);

        return new JsonResponse(['frames' => array_map(static fn (Frame $frame): array => [
            'at' => $frame->at, 'along' => round($frame->along, 2), 'stand' => $frame->stand, 'posture' => $frame->posture->toArray(),
            'away' => $frame->isAway, 'back' => $frame->looksBack, 'over' => $frame->isOver, 'answered' => $frame->answered,
            'ate' => $frame->ate,
        ], $frames)]);
    }

    public function end(Request $request, YardVisit $visit, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $visit);
        $given = Fields::of($request->validate(
            ['guess' => ['nullable', 'numeric', 'between:1,200']], ['guess.*' => say('yard.problems.guess')],
        ));
        $guess = $given->numberOrNull('guess');
        $this->yard->end($visit, $guess === null ? null : Distance::from($guess, $user->units()->distance)->meters);

        return redirect()->route('yard-visit', $visit);
    }

    public function retry(YardVisit $visit, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('view', $visit);

        return redirect()->route('yard-visit', $this->yard->retry($user, $visit, VisitYard::mistake($visit) ?? 0));
    }
}
