<?php

declare(strict_types=1);

namespace App\Library;

use App\Engine\CoreCatalogs;
use App\Engine\PlanReader;
use App\Models\Plan;
use App\Models\User;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Template\Template;
use Core\Template\TemplateStep;
use Illuminate\Support\Str;

/** A plan's ladder as a template: distances become parts of the way from its farthest step to its nearest. */
final readonly class TemplateFromPlan
{
    public function __construct(private CoreCatalogs $catalogs, private PlanReader $plans, private TemplateRepository $templates)
    {
    }

    public function make(Plan $plan, User $user, string $label, string $about): Template
    {
        $ladder = $this->plans->read($plan)->ladder;
        $kind = $plan->responseModel->kind;
        $meters = array_values(array_filter(
            array_map(static fn (Step $step): ?float => $step->exposure->distance()?->meters, $ladder->steps),
        ));
        [$far, $near] = $meters === [] ? [1.0, 1.0] : [max($meters), min($meters)];
        $source = $this->templates->of($plan->practice_id)->templates[$plan->template ?? ''] ?? null;
        $slug = Str::limit(Str::slug($label), 50, '');

        return new Template(
            $slug === '' ? 'own-'.$plan->id : $slug, $label, $kind, $this->catalogs->methods()->method($plan->method), $about,
            $source->prerequisites ?? [], $source->cautions ?? [], null,
            self::steps($ladder, $kind, $far, $near),
        );
    }

    /** @return non-empty-list<TemplateStep> */
    private static function steps(Ladder $ladder, PlanKind $kind, float $far, float $near): array
    {
        return array_map(static function (Step $step) use ($kind, $far, $near): TemplateStep {
            $distance = $step->exposure->distance()?->meters;
            $way = $kind !== PlanKind::Presence
                ? null
                : ($distance === null || $far <= $near ? 0.0 : round(log($far / $distance) / log($far / $near), 4));

            return new TemplateStep($step->exposure->without('distance')->values, $way, $step->criterion, $step->manner);
        }, $ladder->steps);
    }
}
