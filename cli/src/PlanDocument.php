<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\RuleSettings;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\RiskCaps;

/** A plan as a document, with the dimensions it may use: those that ship, the practice's own, in this dog's own order. */
final readonly class PlanDocument
{
    public DimensionCatalog $dimensions;

    public Ladder $ladder;

    public RuleSettings $settings;

    public function __construct(Document $document, Catalogs $catalogs)
    {
        $plan = $document->at('plan');
        $kind = $plan->at('kind')->text('presence');
        $extended = $document->at('dimensions')
            ->build(static fn (Document $own): DimensionCatalog => $catalogs->dimensions($kind)->extended($own->raw()));
        $this->dimensions = $document->at('intake')
            ->at('orders')->build(static fn (Document $orders): DimensionCatalog => $extended->withOrders($orders->lists()));
        $this->ladder = $plan->build($this->ladder(...));
        $this->settings = $document->at('settings')->build(fn (Document $settings): RuleSettings => $this->settings($settings, $plan));
    }

    public function exposure(Document $exposure): Exposure
    {
        return $exposure->build(function (Document $values): Exposure {
            $read = Exposure::of($values->map(), $this->dimensions);
            $read->distance(); // a distance that cannot be is told here, not later

            return $read;
        });
    }

    private function ladder(Document $plan): Ladder
    {
        $steps = [];
        foreach ($plan->at('steps')->items() as $step) {
            $steps[] = new Step($this->exposure($step->at('exposure')), $step->build(self::criterion(...)));
        }

        return Ladder::of($steps);
    }

    private static function criterion(Document $step): Criterion
    {
        $isNew = $step->at('newBehavior')->flag();
        $criterion = $step->has('window')
            ? Criterion::share($step->at('run')->integer(5), $step->at('window')->integer(), $isNew)
            : Criterion::run($step->at('run')->integer(5), $isNew);

        return $criterion->over($step->at('sessions')->integer(1), $step->at('days')->integer());
    }

    private function settings(Document $settings, Document $plan): RuleSettings
    {
        $usual = RiskCaps::usual();

        return RuleSettings::of(
            RiskCaps::of($settings->at('strainLimit')->number($usual->strain->value), $settings->at(
                'reactionLimit',
            )->number($usual->reaction->value)),
            $settings->at('mostAdvances')->integer(3),
            $settings->at('setMinutes')->integer(4),
            $settings->at('sessionMinutes')->integer(30),
            $settings->at('mostTrials')->integer(60),
            $plan->has('roomMeters') ? Distance::fromMeters($plan->at('roomMeters')->number()) : null,
            $settings->at('easyAfter')->integer(0),
            $this->ladder->isByStrangers(),
        );
    }
}
