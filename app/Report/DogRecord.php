<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Dog;
use Core\Decision\LoggedTrial;
use Core\Exposure\PlanKind;

/** What a report on one dog is written from. */
final readonly class DogRecord
{
    /**
     * @param  list<PlanRecord>  $plans  that go on
     * @param  int  $moreSessions  of the year, that are not looked at: the oldest
     * @param  int  $morePlans  that are not looked at: the last by name
     */
    public function __construct(
        public Dog $dog, public \DateTimeImmutable $since, public \DateTimeImmutable $now, public array $plans, public int $moreSessions,
        public int $morePlans,
    ) {
    }

    /** @return list<PlanRecord> */
    public function ofKind(PlanKind ...$kinds): array
    {
        return array_values(array_filter(
            $this->plans, static fn (PlanRecord $one): bool => in_array($one->plan->responseModel->kind, $kinds, true),
        ));
    }

    /** @return list<LoggedTrial> */
    public function trials(): array
    {
        return array_merge(...array_map(static fn (PlanRecord $plan): array => $plan->trials(), $this->plans));
    }

    /** @return list<int> */
    public function sessionIds(): array
    {
        return array_merge(...array_map(static fn (PlanRecord $plan): array => array_column($plan->sessions, 'id'), $this->plans));
    }

    public function zone(): \DateTimeZone
    {
        return $this->dog->practice->zone();
    }
}
