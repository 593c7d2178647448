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
        $id = Trial::query()->toBase()->insertGetId([
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
            'stare_ms' => $trial->stareMilliseconds,
            ...$trial->times->columns(),
            'device' => $trial->device,
            'interrupted' => $trial->interrupted,
            'handler_error' => $trial->handlerError,
            'slip' => $trial->slip?->value,
            'note' => $trial->note,
            'signs_version' => $this->catalogs->signs->version,
        ]);
        $real = $this->measured->exposure($session, $trial->exposure, $trial->sound, $occurred);
        $this->database->table('trial_exposures')
            ->insert([...$this->rows($id, 'real', $real), ...$this->rows($id, 'target', $trial->target->exposure)]);
        if ($trial->traits !== []) {
            $this->database->table('trial_traits')
                ->insert(array_map(static fn (string $trait): array => ['trial_id' => $id, 'trait' => $trait], $trial->traits));
        }
        if ($trial->signs !== []) {
            $this->database->table('trial_signs')
                ->insert(array_map(static fn (string $sign): array => ['trial_id' => $id, 'sign' => $sign], $trial->signs));
        }

        return $id;
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
