<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\AdviceGiven;
use App\Models\Session;
use App\Models\SoundSetUp;
use App\Models\Trial;
use Core\Decision\AskedNext;
use Core\Decision\LoggedTrial;
use Core\Decision\Situation;
use Core\Exposure\Exposure;
use Core\Exposure\Picture;
use Core\Ladder\Manner;
use Core\Sign\Asked;
use Core\Sign\OutcomeEffect;
use Core\Sound\Playback;
use Core\Sound\Player;

/**
 * What a device needs to show a session and to go on without the server: advice, counts, clocks, and easier levels worked out
 * beforehand. Kept in codes and facts; StateInWords says it to whoever looks.
 */
final readonly class SessionState
{
    private const LATEST = 14;

    /** More repetitions than a hand makes in one. */
    private const IN_A_MINUTE = 40;

    private const MOST_EASIER = 3;

    /**
     * @param  ?int  $step  of the advice's next exposure
     * @return array<string, mixed>
     */
    public function of(Session $session, Situation $situation, AdviceGiven $advice, SessionTrials $all, ?int $step): array
    {
        $trials = $all->trials;
        $marks = $all->marks;
        $settings = $situation->settings;
        $next = $advice->exposure === null ? null : Exposure::of($advice->exposure, $situation->catalog);
        $last = $situation->log->last();
        $level = $last?->level;
        $player = SoundSetUp::of($session->plan->responseModel)?->player();
        $asked = $this->asked($session, $situation);
        $progress = match (true) {
            $level === null => null,
            $situation->asked() === Asked::MarkedLook => $situation->markedProgress($level),
            default => $situation->progress($level),
        };

        return [
            'session' => $session->id,
            'version' => $advice->id,
            'device' => $session->device,
            'ended' => $session->ended_at !== null,
            'sequence' => $marks === [] ? 0 : max(array_column($marks, 'sequence')),
            'count' => count($trials),
            'startedAt' => $session->started_at->getTimestampMs(),
            'setStartedAt' => $situation->log->setStartedAt === null ? null : (int) $situation->log->setStartedAt->format('Uv'),
            'setMinutes' => $settings->setMinutes,
            'sessionMinutes' => $settings->sessionMinutes,
            'mostTrials' => $settings->mostTrials,
            'asked' => $asked->value,
            'run' => $progress === null
                ? null
                : ['done' => min($progress->done, $progress->asked), 'asked' => $progress->asked, 'window' => $progress->window],
            'advice' => [
                'id' => $advice->id,
                'aim' => "advice:{$advice->id}",
                'action' => $advice->action->value,
                'isClosing' => $advice->is_closing,
                'next' => $next === null ? null : self::exposure($next, $situation, $player),
                'reasons' => $advice->reasons,
                'alternatives' => array_map(static fn (array $other, int $i): array => [
                    'aim' => "alt:{$advice->id}:{$i}", 'dimension' => $other['dimension'] ?? '', 'choice' => $other['choice'] ?? '',
                    'off' => $other['logitsOff'], 'helped' => $other['helped'] ?? 0,
                ], $advice->alternatives, array_keys($advice->alternatives)),
                'risk' => $advice->strain_mean === null || ! in_array('risk', array_column($advice->reasons, 'code'), true) ? null : [
                    'strain' => self::range((float) $advice->strain_mean, (float) $advice->strain_bound, $situation->caps->strain->value),
                    'reaction' => self::range(
                        (float) $advice->reaction_mean, (float) $advice->reaction_bound, $situation->caps->reaction->value,
                    ),
                ],
            ],
            'trials' => array_map(
                static fn (int $id): array =>
                    [
                        'uuid' => $marks[$id]['uuid'], 'band' => $trials[$id]->band->value, 'outcome' => $trials[$id]->outcome->value,
                        'proposed' => $marks[$id]['proposed'], 'signs' => $trials[$id]->signs,
                    ],
                array_slice(array_keys($trials), -self::LATEST),
            ),
            'rhythm' => self::rhythm(array_values($trials)),
            'unsaid' => $situation->unsaid,
            'here' => $last === null ? null : self::exposure($last->exposure, $situation, $player),
            'easier' => $this->easier($situation, $step ?? $level->step ?? 0, $player),
        ];
    }

    private function asked(Session $session, Situation $situation): Asked
    {
        // only before the first trial what was asked last time is looked up
        $before = $situation->log->trials !== [] ? null : Trial::query()->whereIn('session_id', Session::query()->toBase()
            ->where('plan_id', $session->plan_id)->where('id', '<', $session->id)->select('id'))->latest('id')->first(['outcome']);

        return AskedNext::of(
            $situation, Asked::in($situation->catalog->plan, $session->plan->method), $before?->outcome,
        );
    }

    /**
     * When the latest repetitions were, in milliseconds, and how many offers were taken.
     *
     * @param  list<LoggedTrial>  $trials
     * @return array{at: list<int>, accepted: int, declined: int}
     */
    private static function rhythm(array $trials): array
    {
        $count = static fn (OutcomeEffect $effect): int =>
            count(array_filter($trials, static fn (LoggedTrial $trial): bool => $trial->outcome->effect() === $effect));

        return [
            'at' => array_map(
                static fn (LoggedTrial $trial): int => (int) $trial->at->format('Uv'), array_slice($trials, -self::IN_A_MINUTE),
            ),
            'accepted' => $count(OutcomeEffect::Success),
            'declined' => $count(OutcomeEffect::OptOut),
        ];
    }

    /**
     * @return array{instruction: string, onTheWay: bool, values: array<string, float|string>, play: ?array{fraction: ?float,
     *    seconds: float, onset: float}}
     */
    private static function exposure(Exposure $exposure, Situation $situation, ?Player $player): array
    {
        $manner = self::manner($exposure, $situation);

        return [
            'instruction' => $manner->instruction ?? '',
            'onTheWay' => $manner->isOnTheWay ?? false,
            'values' => $exposure->values,
            'play' => $player === null ? null : self::play($player->playback($exposure->values)),
        ];
    }

    /** @return ?array{fraction: ?float, seconds: float, onset: float} */
    private static function play(?Playback $playback): ?array
    {
        return $playback === null
            ? null
            : ['fraction' => $playback->fraction, 'seconds' => $playback->seconds, 'onset' => $playback->onset];
    }

    /** How the step that has this exposure, whatever the picture around it, is done; null for an exposure between steps. */
    private static function manner(Exposure $exposure, Situation $situation): ?Manner
    {
        foreach ($situation->ladder->steps as $step) {
            if ($step->manner->instruction !== '' && self::isAskedBy($step->exposure, $exposure, $situation)) {
                return $step->manner;
            }
        }

        return null;
    }

    private static function isAskedBy(Exposure $step, Exposure $exposure, Situation $situation): bool
    {
        foreach (array_keys(array_diff_assoc($exposure->values, $step->values)) as $changed) {
            if ($situation->catalog->dimension($changed)->picture === Picture::No) {
                return false;
            }
        }

        return array_diff_key($step->values, $exposure->values) === [];
    }

    /**
     * Steps of the ladder below where the session stands, the hardest first: all that a device may fall back to by itself. It never
     * advances.
     *
     * @return list<array{aim: string, instruction: string, onTheWay: bool, values: array<string, float|string>,
     *    play: ?array{fraction: ?float, seconds: float, onset: float}}>
     */
    private function easier(Situation $situation, int $step, ?Player $player): array
    {
        $found = [];
        for ($easier = $step - 1; $easier >= max(0, $step - self::MOST_EASIER); $easier--) {
            $found[] = ['aim' => "step:{$easier}", ...self::exposure($situation->ladder->step($easier)->exposure, $situation, $player)];
        }

        return $found;
    }

    /** @return array{mean: float, bound: float, limit: float} */
    private static function range(float $mean, float $bound, float $limit): array
    {
        return ['mean' => $mean, 'bound' => max($mean, $bound), 'limit' => $limit];
    }
}
