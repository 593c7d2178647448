<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\HomeRep;
use App\Models\Person;
use App\Models\ResponseModel;
use App\Support\Fields;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Homework\Answer;
use Core\Response\SessionEvidence;
use Illuminate\Database\Query\Builder;

/**
 * What was practiced at home, as evidence of whoever practiced there: each day is one of its own, with its own offset, so that a kitchen
 * or an eye that is kinder than a trainer's shifts that day and not the dog. It moves no other handler's model, and no plan.
 */
final readonly class HomeEvidence
{
    private const DAYS = 60;

    private const MOST = 2000;

    public function __construct(private CoreCatalogs $catalogs, private PracticeZones $zones)
    {
    }

    /** @return list<SessionEvidence> one a day, oldest first */
    public function of(ResponseModel $model, \DateTimeImmutable $before): array
    {
        $catalog = $this->catalogs->dimensions($model->kind);
        $days = $startedAt = [];
        $rows = self::reps($model)->where('home_reps.occurred_at', '<', $before->format('Y-m-d H:i:s.v'))
            ->where('home_reps.occurred_at', '>', $before->modify('-'.self::DAYS.' days')->format('Y-m-d H:i:s.v'))
            ->whereNull('home_reps.taken_out_at')->orderByDesc('home_reps.occurred_at')->limit(self::MOST)
            ->get(['given.exposure', 'home_reps.answer', 'home_reps.seconds', 'home_reps.occurred_at']);
        $utc = new \DateTimeZone('UTC');
        foreach ($rows->reverse() as $row) {
            $row = Fields::of($row);
            $at = new \DateTimeImmutable($row->text('occurred_at'), $utc);
            $day = $at->setTimezone($this->zones->of($model->practice_id))->format('Y-m-d');
            $values = Fields::of(['values' => json_decode($row->text('exposure'), true)])->values('values');
            $held = $row->numberOrNull('seconds');
            if ($held !== null && isset($values[DimensionKey::Duration->value])) {
                $values[DimensionKey::Duration->value] = max(1.0, round($held));
            }
            $startedAt[$day] ??= $at;
            $days[$day][] = [
                'exposure' => Exposure::of($values, $catalog), 'band' => Answer::from($row->text('answer'))->band(),
                'afterReaction' => false,
            ];
        }

        return array_values(array_map(
            static fn (string $day, array $trials): SessionEvidence => SessionEvidence::ofTrials($startedAt[$day], $trials),
            array_keys($days), $days,
        ));
    }

    /** Changes whenever anything is tapped, typed or taken out. */
    public static function stamp(ResponseModel $model): string
    {
        $found = Fields::of(self::reps($model)->selectRaw('MAX(home_reps.id) AS latest, COUNT(home_reps.taken_out_at) AS gone')->first());

        return $found->int('latest').'-'.$found->int('gone');
    }

    private static function reps(ResponseModel $model): Builder
    {
        return HomeRep::query()->toBase()->join('homework as given', 'given.id', '=', 'home_reps.homework_id')
            ->join('plans', 'plans.id', '=', 'given.plan_id')
            ->join('response_models', 'response_models.id', '=', 'plans.response_model_id')
            ->where('home_reps.dog_id', $model->dog_id)->where('response_models.trigger_id', $model->trigger_id)
            ->whereNotNull('given.exposure')->where(static fn (Builder $either) => $either
            ->where('home_reps.person_id', $model->person_id)->orWhereIn('home_reps.user_id', Person::query()->toBase()
            ->where('id', $model->person_id)->whereNotNull('user_id')->select('user_id')));
    }
}
