<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Session;
use App\Models\SoundSetUp;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;

/** The exposure as it was heard: where a meter stood at the dog, its level instead of the one that was asked for. */
final readonly class MeasuredExposure
{
    /** Where nothing was played here (the real thing), the sound is looked for in so many seconds before the tap. */
    private const LOOK_BACK_MILLISECONDS = 10_000;

    public function __construct(private Meter $meter)
    {
    }

    public function exposure(Session $session, Exposure $exposure, ?SoundTimes $times, \DateTimeImmutable $loggedAt): Exposure
    {
        $model = $session->plan->responseModel;
        if ($model->kind !== PlanKind::Sound || $session->meter_token === null || ! isset($exposure->values['level'])) {
            return $exposure;
        }
        $scale = SoundSetUp::of($model)?->scale();
        $times ??= new SoundTimes(self::LOOK_BACK_MILLISECONDS, self::LOOK_BACK_MILLISECONDS);
        $level = $scale?->isMeasured === true
            ? $this->meter->levelOf($session, $loggedAt->modify("-{$times->ago} milliseconds"), $times->lasted / 1000)
            : null;

        return $level === null || $scale === null ? $exposure : $exposure->with('level', round($scale->toStored($level), 2));
    }
}
