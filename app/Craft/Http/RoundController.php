<?php

declare(strict_types=1);

namespace App\Craft\Http;

use App\Craft\MarkInWords;
use App\Craft\MeasureDevice;
use App\Craft\PlayRound;
use App\Craft\RoundScript;
use App\Craft\StartRound;
use App\Models\TimingRound;
use App\Models\User;
use App\Support\Fields;
use Core\Marking\Drill;
use Core\Marking\Tap;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** A round of marking: begun, played, looked at. */
final readonly class RoundController
{
    private const MARK_BY = ['tap', 'clicker', 'word'];

    /** Longer than any round. */
    private const LONGEST = 3_600_000;

    public function store(Request $request, StartRound $rounds, #[CurrentUser] User $user): RedirectResponse
    {
        $given = Fields::of($request->validate([
            'drill' => ['required', Rule::enum(Drill::class)], 'mark_by' => ['required', Rule::in(self::MARK_BY)],
            'device' => ['nullable', 'uuid'],
        ], ['*' => say('timing.problems.start')]));
        $markBy = $given->text('mark_by');
        $device = MeasureDevice::of($user, $given->text('device'), $markBy);

        return $device === null
            ? redirect()->route('timing.device', ['mark_by' => $markBy === 'tap' ? 'tap' : 'sound'])
                ->with('status', say('timing.device.first'))
            : redirect()->route('timing.round', $rounds->start($user, Drill::from($given->text('drill')), $device, $markBy));
    }

    public function show(TimingRound $round): View
    {
        Gate::authorize('view', $round);
        $script = RoundScript::of($round);
        if ($round->ended_at === null) {
            return view('pages.craft.round', ['round' => $round, 'parts' => $round->parts]);
        }

        return view('pages.craft.result', ['round' => $round, 'marks' => $script->marks(), 'result' => $script->result()]);
    }

    public function taps(Request $request, TimingRound $round, PlayRound $rounds): JsonResponse
    {
        Gate::authorize('view', $round);
        $given = TimedActs::of($request, Tap::cases(), self::LONGEST, say('timing.problems.taps'));
        $known = Fields::of($request->validate(
            ['parts' => ['required', 'integer', 'min:0', 'max:100']], ['*' => say('timing.problems.taps')],
        ))->int('parts');
        $script = $rounds->play($round, array_map(
            static fn (array $one): array => ['tap' => $one['act'], 'at' => $one['at']], $given->acts,
        ), $given->until);
        $marks = $script->marks();
        $last = $marks === [] ? null : $marks[array_key_last($marks)];

        return new JsonResponse([
            'marks' => count($marks),
            'said' => $last === null ? null : MarkInWords::of($last, $round->drill),
            'lane' => $last === null ? null : [
                'class' => $last->class->value, 'at' => $last->at, 'from' => $last->meant?->from, 'until' => $last->meant?->until,
            ],
            'parts' => array_slice($round->parts, $known),
            'done' => $round->ended_at === null ? null : route('timing.round', $round),
        ]);
    }
}
