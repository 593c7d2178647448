<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\CoreCatalogs;
use App\Engine\ExposureColumns;
use App\Engine\PlanReader;
use App\Models\Session;
use App\Models\Trial;
use App\Models\User;
use Core\Exposure\Exposure;
use Core\Sign\Grading;
use Core\Sign\Reading;
use Illuminate\Database\Connection;
use Illuminate\Database\UniqueConstraintViolationException;
use Psr\Clock\ClockInterface;

/** Writes a trial as rows, in the time and the set it belongs to. */
final readonly class TrialWriter
{
    private const TIME = 'Y-m-d H:i:s.v';

    public function __construct(
        private Connection $database, private ClockInterface $clock, private CoreCatalogs $catalogs, private PlanReader $plans,
        private MeasuredExposure $measured,
    ) {
    }

    /**
     * With what was aimed at, what was really shown, and the signs.
     *
     * @return int id of the row
     *
     * @throws UniqueConstraintViolationException if its UUID is known
     */
    public function insert(Session $session, User $user, IncomingTrial $trial, string $hash): int
    {
        [$row, $real] = $this->row($session, $user, $trial, $hash);
        $id = Trial::query()->toBase()->insertGetId($row);
        $this->insertParts([$id => [$trial, $real]]);

        return $id;
    }

    /**
     * Many at once, of one session that has ended: none of them is known, and nobody waits for advice.
     *
     * @param  non-empty-list<IncomingTrial>  $trials
     */
    public function insertMany(Session $session, User $user, array $trials, int $importId): void
    {
        $rows = $parts = [];
        foreach ($trials as $trial) {
            [$row, $real] = $this->row($session, $user, $trial, $trial->contentHash($session->id));
            $rows[] = [...$row, 'import_id' => $importId];
            $parts[$trial->uuid] = [$trial, $real];
        }
        Trial::query()->toBase()->insert($rows);
        $byId = [];
        foreach (Trial::query()->where('practice_id', $session->practice_id)->whereIn('uuid', array_keys($parts))
            ->get(['id', 'uuid']) as $row) {
            $byId[$row->id] = $parts[$row->uuid];
        }
        $this->insertParts($byId);
    }

    /** @return array{array<string, mixed>, Exposure} its columns, and what was really shown */
    private function row(Session $session, User $user, IncomingTrial $trial, string $hash): array
    {
        $received = $this->clock->now();
        $offset = $trial->sentAt === null
            ? 0
            : (int) round(((float) $received->format('U.u') - (float) $trial->sentAt->format('U.u')) * 1000);
        $device = $trial->deviceAt ?? $received;
        $occurred = $device->modify(sprintf('%+d milliseconds', $offset));
        // a clock may be off by years, but a trial is never logged before it happened, nor before computers kept time
        $occurred = min($received, max($occurred, new \DateTimeImmutable('@86400')));
        $model = $session->plan->responseModel;
        $grading = new Grading(
            $this->catalogs->signs, $model->dog->hides_signs, Reading::of($session->plan->method, $model->kind),
            $model->dog->intake->normal_signs ?? [],
        );
        $proposed = $grading->propose(
            Grading::shown($trial->signs, $trial->food, $trial->foodLeft, $trial->latency, $trial->outcome), $trial->outcome,
        );
        $row = [
            'practice_id' => $session->practice_id,
            'session_id' => $session->id,
            'set_id' => self::setAt($session, $occurred),
            'step_id' => $this->plans->stepId($session->plan, $trial->target->step),
            'person_id' => $session->person_id,
            'user_id' => $user->id,
            'uuid' => $trial->uuid,
            'content_hash' => $hash,
            'sequence' => $trial->sequence ?? self::nextSequence($session),
            'occurred_at' => $occurred->format(self::TIME),
            'device_at' => $device->format(self::TIME),
            'clock_offset_ms' => $offset,
            'received_at' => $received->format(self::TIME),
            'under_action' => $trial->under?->value,
            'forecast' => $trial->forecast === null ? null : json_encode($trial->forecast, JSON_THROW_ON_ERROR),
            'outcome' => $trial->outcome->value,
            'band' => ($trial->band ?? $proposed)->value,
            'band_proposed' => $proposed->value,
            'food' => $trial->food->value,
            'food_left' => $trial->foodLeft,
            'latency' => $trial->latency?->value,
            'latency_ms' => $trial->latencyMilliseconds,
            ...$trial->look->columns(),
            ...$trial->times->columns(),
            'device' => $trial->device,
            'interrupted' => $trial->interrupted,
            'handler_error' => $trial->handlerError,
            'slip' => $trial->slip?->value,
            'note' => $trial->note,
            'signs_version' => $this->catalogs->signs->version,
        ];

        return [$row, $this->measured->exposure($session, $trial->exposure, $trial->sound, $occurred)];
    }

    /** @param  array<int, array{IncomingTrial, Exposure}>  $trials  with what was really shown, by id of the row */
    private function insertParts(array $trials): void
    {
        $exposures = $traits = $signs = [];
        foreach ($trials as $id => [$trial, $real]) {
            array_push($exposures, ...$this->rows($id, 'real', $real), ...$this->rows($id, 'target', $trial->target->exposure));
            array_push($traits, ...array_map(static fn (string $trait): array => ['trial_id' => $id, 'trait' => $trait], $trial->traits));
            array_push($signs, ...array_map(static fn (string $sign): array => ['trial_id' => $id, 'sign' => $sign], $trial->signs));
        }
        foreach (['trial_exposures' => $exposures, 'trial_traits' => $traits, 'trial_signs' => $signs] as $table => $rows) {
            if ($rows !== []) {
                $this->database->table($table)->insert($rows);
            }
        }
    }

    private static function nextSequence(Session $session): int
    {
        $last = Trial::query()->where('session_id', $session->id)->max('sequence');

        return is_numeric($last) ? (int) $last + 1 : 1;
    }

    /** @return list<array<string, mixed>> */
    private function rows(int $trialId, string $part, Exposure $exposure): array
    {
        return array_map(
            static fn (array $row): array => ['trial_id' => $trialId, 'part' => $part, ...$row], ExposureColumns::toRows($exposure),
        );
    }

    /** The set that was running then; a late trial joins the one it belongs to. */
    private static function setAt(Session $session, \DateTimeImmutable $at): int
    {
        $found = $session->sets->first() ?? throw new \LogicException('Every session has a set.');
        foreach ($session->sets as $set) {
            $found = $set->started_at <= $at ? $set : $found;
        }

        return $found->id;
    }
}
