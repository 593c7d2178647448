<?php

declare(strict_types=1);

namespace App\Craft\Http;

use App\Craft\MeasureDevice;
use App\Craft\MyHandling;
use App\Craft\ShareTiming;
use App\Film\GradingDrift;
use App\Film\KnownGrading;
use App\Models\User;
use App\Support\Fields;
use Core\Marking\DeviceDelay;
use Core\Marking\TapProblem;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What somebody practices with a drawn dog, and how late their device is. */
final readonly class TimingController
{
    private const MOST_BEATS = 60;

    /** An hour of milliseconds: no beat lasts longer. */
    private const LONGEST = 3_600_000;

    public function index(MyHandling $handling, #[CurrentUser] User $user): View
    {
        return view('pages.craft.index', ['of' => $user, 'isOwn' => true, 'drift' => GradingDrift::of($user),
            'known' => KnownGrading::of($user), ...$handling->of($user)]);
    }

    /** What another one practices, for an owner, where that one shows it. */
    public function of(string $user, MyHandling $handling, #[CurrentUser] User $reader): View
    {
        $shown = User::query()->where('practice_id', $reader->practice_id)->where('shows_timing', true)->find((int) $user);
        abort_if($shown === null || ! $reader->role->managesPractice(), 404);

        return view('pages.craft.index', [
            'of' => $shown, 'isOwn' => false, 'drift' => GradingDrift::of($shown),
            'known' => KnownGrading::of($shown), ...$handling->of($shown),
        ]);
    }

    public function device(Request $request): View
    {
        return view('pages.craft.device', ['markBy' => $request->query('mark_by') === 'sound' ? 'sound' : 'tap']);
    }

    public function measure(Request $request, MeasureDevice $devices, #[CurrentUser] User $user): JsonResponse
    {
        $time = ['integer', 'min:0', 'max:'.self::LONGEST];
        $given = Fields::of($request->validate([
            'device' => ['required', 'uuid'], 'mark_by' => ['required', Rule::in(['tap', 'sound'])],
            'beats' => ['required', 'array', 'min:'.DeviceDelay::LEAST_TAPS, 'max:'.self::MOST_BEATS], 'beats.*' => $time,
            'taps' => ['present', 'array', 'max:'.self::MOST_BEATS], 'taps.*' => $time,
        ], ['*' => say('timing.problems.taps')]));
        $times = static fn (string $field): array => array_map(
            static fn (mixed $one): int => is_numeric($one) ? (int) $one : 0, array_values($given->list($field)),
        );
        $told = $devices->measure($user, $given->text('device'), $given->text('mark_by'), $times('beats'), $times('taps'));

        return $told instanceof TapProblem
            ? new JsonResponse(['message' => say("timing.problems.{$told->value}", ['least' => DeviceDelay::LEAST_TAPS])], 422)
            : new JsonResponse(['message' => say('timing.device.told', ['delay' => $told->delay_ms, 'spread' => $told->spread_ms])]);
    }

    public function share(Request $request, ShareTiming $sharing, #[CurrentUser] User $user): RedirectResponse
    {
        $sharing->set($user, $request->boolean('shows'));

        return redirect()->route('timing.index')->with('status', say('timing.sharing.told', ['shows' => $request->boolean('shows')]));
    }
}
