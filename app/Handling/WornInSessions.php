<?php

declare(strict_types=1);

namespace App\Handling;

use App\Engine\TrialReader;
use App\Models\Item;
use App\Models\Session;
use Core\Exposure\PlanKind;
use Core\Wearing\Wearing;

/** What sessions of an item's plans say of its being worn: nobody types it a second time, and what is put right there is right here. */
final readonly class WornInSessions
{
    private const MOST_SESSIONS = 200;

    public function __construct(private TrialReader $trials)
    {
    }

    /** @return list<Wearing> of the newest sessions */
    public function of(Item $item): array
    {
        $sessions = Session::query()->toBase()->join('plans', 'plans.id', '=', 'sessions.plan_id')
            ->join('response_models', 'response_models.id', '=', 'plans.response_model_id')
            ->where('plans.item_id', $item->id)->where('response_models.kind', PlanKind::Contact->value)
            ->orderByDesc('sessions.started_at')->limit(self::MOST_SESSIONS)->pluck('sessions.id')->all();
        $worn = [];
        foreach ($this->trials->ofSessions(PlanKind::Contact, array_values(array_filter($sessions, is_int(...)))) as $trials) {
            foreach ($trials as ['trial' => $trial]) {
                $worn[] = $trial->handlerError || $trial->interrupted
                    ? null : Wearing::ofTrial($trial->at, $trial->exposure, $trial->outcome, $trial->signs);
            }
        }

        return array_values(array_filter($worn));
    }
}
