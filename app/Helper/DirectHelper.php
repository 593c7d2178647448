<?php

declare(strict_types=1);

namespace App\Helper;

use App\Models\AdviceGiven;
use App\Models\HelperPass;
use App\Models\Session;
use App\Models\SessionHelper;
use App\Models\StepExposure;
use App\Support\Fields;
use App\Support\Secret;
use Core\Exposure\DimensionKey;
use Core\Field\HelperWord;
use Psr\Clock\ClockInterface;

/** Words from whoever handles to a helper at a distance, and the passes the helper counts. */
final readonly class DirectHelper
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return string what the address ends in; an older one of this session no longer opens anything */
    public function invite(Session $session, bool $wearsMuzzle): string
    {
        $token = Secret::make();
        SessionHelper::query()->updateOrCreate(['session_id' => $session->id], [
            'practice_id' => $session->practice_id, 'token' => Secret::hash($token), 'wears_muzzle' => $wearsMuzzle,
            'word' => HelperWord::Stop, 'word_at' => $this->clock->now(), 'seen_at' => null,
        ]);

        return $token;
    }

    public function say(SessionHelper $helper, HelperWord $word): void
    {
        $helper->update(['word' => $word, 'word_at' => $this->clock->now()]);
    }

    /** Null once its session has ended. */
    public function find(string $token): ?SessionHelper
    {
        return SessionHelper::query()->where('token', Secret::hash($token))
            ->whereHas('session', static fn ($sessions) => $sessions->whereNull('ended_at'))->first();
    }

    public function isThere(SessionHelper $helper): void
    {
        $helper->update(['seen_at' => $this->clock->now()]);
    }

    /** The same pass sent twice is one. */
    public function passed(SessionHelper $helper, string $uuid): void
    {
        HelperPass::query()->firstOrCreate(
            ['practice_id' => $helper->practice_id, 'uuid' => strtolower($uuid)],
            ['session_id' => $helper->session_id, 'passed_at' => $this->clock->now()],
        );
    }

    /**
     * Meters to keep: of the newest advice that names any, for one that says to rest or to end names none; before the first, of the
     * plan's farthest step.
     */
    public static function keepAt(Session $session): ?float
    {
        $told = AdviceGiven::query()->where('session_id', $session->id)->whereNotNull('exposure->'.DimensionKey::Distance->value)
            ->orderByDesc('id')->first()?->exposure;

        return Fields::of($told)->numberOrNull(DimensionKey::Distance->value) ?? Fields::of(['meters' => StepExposure::query()
            ->whereIn('step_id', $session->plan->steps()->toBase()->select('id'))->where('dimension', DimensionKey::Distance->value)
            ->max('number')])->numberOrNull('meters');
    }

    public static function passes(Session $session): int
    {
        return HelperPass::query()->where('session_id', $session->id)->count();
    }
}
