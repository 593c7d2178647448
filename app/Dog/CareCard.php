<?php

declare(strict_types=1);

namespace App\Dog;

use App\Engine\CoreCatalogs;
use App\Engine\SituationReader;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\TrialSign;
use Core\Decision\Situation;
use Core\Exposure\PlanKind;
use Core\Sign\Sign;
use Core\Sign\SignWeight;
use Psr\Clock\ClockInterface;

/** What a vet or groomer needs to know of a dog's care work: only what is held, never what is hoped for. */
final readonly class CareCard
{
    /** What may be on the card; each is chosen by itself. */
    public const PARTS = ['accepted', 'not_yet', 'areas', 'items', 'signals', 'avoid', 'food', 'health'];

    private const MAX_SIGNALS = 6;

    private const MAX_PLANS = 30;

    public function __construct(private CoreCatalogs $catalogs, private SituationReader $situations, private ClockInterface $clock)
    {
    }

    /**
     * @return list<array{plan: Plan, held: ?string, next: ?string}> of every care plan: the hardest step held, and the next one, of those
     *    that have words of their own
     */
    public function accepted(Dog $dog): array
    {
        $plans = $dog->plans()->with(['responseModel.trigger', 'responseModel.person', 'place'])->whereHas(
            'responseModel', static fn ($models) => $models->where('kind', PlanKind::Contact->value),
        )->orderBy('plans.name')->limit(self::MAX_PLANS)->get();
        $rows = [];
        foreach ($plans as $plan) {
            $situation = $this->situations->read($plan, null, [], $this->clock->now());
            $held = $situation->history->solidStep;
            $rows[] = [
                'plan' => $plan,
                'held' => self::named($situation, range(0, max(0, $held)), $held >= 0),
                'next' => self::named($situation, range($situation->ladder->top(), max(0, $held + 1)), $held < $situation->ladder->top()),
            ];
        }

        return $rows;
    }

    /** @return list<Sign> the signs this dog has shown most that mean stop; the usual ones where it has shown none */
    public function signals(Dog $dog): array
    {
        $seen = TrialSign::query()
            ->toBase()->join('trials', 'trials.id', '=', 'trial_signs.trial_id')->join('sessions', 'sessions.id', '=', 'trials.session_id')
            ->whereIn('sessions.plan_id', $dog->plans()->select('plans.id'))
            ->groupBy('sign')->orderByRaw('COUNT(*) DESC')->limit(60)->pluck('sign')->all();
        $normal = $dog->intake->normal_signs ?? [];
        $stop = fn (string $code): bool => isset($this->catalogs->signs->signs[$code]) && ! in_array($code, $normal, true)
            && in_array($this->catalogs->signs->signs[$code]->weight, [SignWeight::Medium, SignWeight::Strong, SignWeight::Reaction], true);
        $codes = array_filter(
            [...array_filter($seen, is_string(...)), 'freeze', 'whale.eye', 'pull.away', 'look.hand', 'lip.lift', 'growl'], $stop,
        );

        return array_map(
            fn (string $code): Sign => $this->catalogs->signs->signs[$code],
            array_slice(array_values(array_unique($codes)), 0, self::MAX_SIGNALS),
        );
    }

    /**
     * The last of these steps that a stranger can picture: one put between says only what it leads to.
     *
     * @param  non-empty-list<int>  $steps
     */
    private static function named(Situation $situation, array $steps, bool $isAny): ?string
    {
        foreach ($isAny ? array_reverse($steps) : [] as $i) {
            $step = $situation->ladder->step($i);
            if (! $step->manner->isOnTheWay) {
                return $step->manner->instruction !== ''
                    ? $step->manner->instruction
                    : words()->exposure($step->exposure, $situation->catalog, $situation->unsaid);
            }
        }

        return null;
    }
}
