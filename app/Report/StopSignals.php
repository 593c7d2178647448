<?php

declare(strict_types=1);

namespace App\Report;

use App\Engine\CoreCatalogs;
use App\Models\Dog;
use App\Models\TrialSign;
use Core\Sign\SignWeight;

/** The signs by which one dog says stop: those it has shown most, and the usual ones where it has shown none. */
final readonly class StopSignals
{
    private const MOST = 6;

    private const USUAL = ['freeze', 'whale.eye', 'pull.away', 'look.hand', 'lip.lift', 'growl'];

    private const STOP = [SignWeight::Medium, SignWeight::Strong, SignWeight::Reaction];

    public function __construct(private CoreCatalogs $catalogs)
    {
    }

    /** @return list<string> codes */
    public function of(Dog $dog): array
    {
        $seen = TrialSign::query()->toBase()->join('trials', 'trials.id', '=', 'trial_signs.trial_id')
            ->join('sessions', 'sessions.id', '=', 'trials.session_id')
            ->whereIn('sessions.plan_id', $dog->plans()->select('plans.id'))
            ->groupBy('sign')->orderByRaw('COUNT(*) DESC')->limit(60)->pluck('sign')->all();
        $normal = $dog->intake->normal_signs ?? [];
        $signs = $this->catalogs->signs->signs;

        return array_slice(array_values(array_unique(array_filter(
            [...array_filter($seen, is_string(...)), ...self::USUAL],
            static fn (string $code): bool => isset($signs[$code]) && ! in_array($code, $normal, true)
                && in_array($signs[$code]->weight, self::STOP, true),
        ))), 0, self::MOST);
    }
}
