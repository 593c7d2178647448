<?php

declare(strict_types=1);

namespace App\Demo;

use App\Free\EndFreeSession;
use App\Free\FreeSessionDraft;
use App\Free\LogObservation;
use App\Free\StartFreeSession;
use App\Models\Dog;
use App\Models\User;
use Core\Observation\Activity;
use Illuminate\Support\Str;

/** The young hound looks around at the fish quay, twice: what it looks at, and what a break does. */
final readonly class DemoOutings
{
    private const FIRST = [
        [40, 'looked'], [95, 'unanswered'], [130, 'stare', 9.0, 'gulls'], [150, 'unanswered'], [210, 'looked'],
        [300, 'startled', null, 'crate'],
        [345, 'stare', 5.5, 'anglers'], [420, 'looked'],
    ];

    private const SECOND = [
        [30, 'looked'], [55, 'looked_back'], [80, 'stare', 4.5, 'gulls'], [110, 'looked'], [135, 'unanswered'], [170, 'looked'],
        [180, 'segment', null, 'break'], [300, 'segment', null, 'same'], [315, 'looked'], [330, 'looked'], [352, 'looked'], [370, 'looked'],
        [391, 'stare', 2.0, 'gulls'], [410, 'looked'], [424, 'looked'], [440, 'mistake', null, 'late_mark'], [455, 'looked'],
    ];

    public function __construct(
        private SteppedClock $clock, private StartFreeSession $sessions, private LogObservation $log, private EndFreeSession $ends,
    ) {
    }

    public function write(Dog $dog, User $user, int $person, \DateTimeImmutable $today): void
    {
        foreach ([[10, self::FIRST], [3, self::SECOND]] as [$days, $seen]) {
            $start = $today->modify("-{$days} days")->setTime(10, 20);
            $this->clock->set($start);
            $session = $this->sessions->start($dog, $user, new FreeSessionDraft(
                (string) Str::uuid7(), Activity::LookAround, $person, 'Fish quay', null, false,
            ));
            foreach ($seen as $one) {
                $this->log->log($session, $user, [
                    'uuid' => (string) Str::uuid7(), 'kind' => $one[1], 'seconds' => $one[2] ?? null, 'what' => $one[3] ?? '',
                ], $start->modify("+{$one[0]} seconds"));
            }
            $this->clock->set($start->modify('+8 minutes'));
            $this->ends->end($session, $user, null, $start->format('Y-m-d'));
        }
    }
}
