<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;
use Cli\SituationRead;
use Core\Exposure\Exposure;
use Core\Insight\LookingBack;
use Core\Insight\ResponseCurve;
use Core\Insight\Trend;
use Core\Insight\TrendPoint;
use Core\Response\Day;
use Core\Response\Threshold;
use Core\Response\ThresholdSearch;

/** The value of a measured dimension at which the accepted risk is reached, with its range; on request the curve and the trend. */
final readonly class Limit implements Command
{
    private const HALF_AND_DOUBLE = ['half' => 0.5, 'double' => 2.0];

    public function __construct(private SituationDocument $situations)
    {
    }

    public function name(): string
    {
        return 'limit';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $all = $this->situations->read($read);
        $situation = $all->situation;
        $exposure = $read->has('exposure') ? $all->document->exposure($read->at('exposure')) : $situation->ladder->step(0)->exposure;
        $key = $read->at('dimension')->text('distance');
        $search = new ThresholdSearch($situation->caps);

        return $read->at('dimension')->build(fn (): array => [
            'typical' => self::threshold($search->along($all->model(), $exposure, $key, Day::Typical)),
            'today' => self::threshold($search->along($all->model(), $exposure, $key, $situation->day())),
            'ifBandsLieApart' => self::otherSpacings($all, $search, $exposure, $key),
            ...($read->at('curve')->flag() ? ['curve' => self::curve($all, $exposure, $key)] : []),
            ...($read->at('trend')->flag() ? ['trend' => self::trend($all, $exposure, $key)] : []),
        ]);
    }

    /** @return array<string, mixed> the limit on a typical day if the gaps between the bands were half or double the usual */
    private static function otherSpacings(SituationRead $all, ThresholdSearch $search, Exposure $exposure, string $key): array
    {
        $limits = [];
        foreach (self::HALF_AND_DOUBLE as $name => $scale) {
            $model = $all->modelBy($all->builder->withSpacing($scale));
            $limits[$name] = $model === null ? null : self::threshold($search->along($model, $exposure, $key, Day::Typical));
        }

        return $limits;
    }

    /** @return list<array<string, mixed>> */
    private static function curve(SituationRead $all, Exposure $exposure, string $key): array
    {
        $steps = $all->situation->ladder->steps;
        $values = array_map(static fn (float|string $value): float => (float) $value, array_filter(
            array_map(static fn ($step): float|string|null => $step->exposure->values[$key] ?? null, $steps), is_float(...),
        ));
        [$easy, $hard] = $all->scale->dimension($key)->range() ?? [1.0, 0.0];
        if (count($values) > 1) {
            [$easy, $hard] = $easy > $hard ? [max($values), min($values)] : [min($values), max($values)];
        }

        return ResponseCurve::of($all->model(), $exposure, $key, $easy, $hard, Day::Typical, 21)->points;
    }

    /** @return array<string, mixed> */
    private static function trend(SituationRead $all, Exposure $exposure, string $key): array
    {
        $trend = Trend::of(
            new LookingBack(
                $all->builder, $all->scale, $all->plan->isReferenceStated, $all->plan->fineAt, $exposure, $key,
                $all->situation->settings->caps,
            ),
            $all->sessions,
        );

        return [
            'method' => $trend->method->value,
            'scores' => $trend->scores,
            'points' => array_map(
                static fn (TrendPoint $point): array => ['at' => $point->at->format('Y-m-d\TH:i:s\Z'), ...self::threshold($point->limit)],
                $trend->points,
            ),
        ];
    }

    /** @return array{value: ?float, hardest: float, easiest: ?float, binding: string} */
    private static function threshold(Threshold $limit): array
    {
        return [
            'value' => $limit->point, 'hardest' => $limit->hardest, 'easiest' => $limit->easiest,
            'binding' => $limit->reactionBinds ? 'reaction' : 'strain',
        ];
    }
}
