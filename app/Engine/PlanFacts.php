<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Session;
use Core\Decision\CarryOver;
use Illuminate\Database\Connection;

/**
 * Everything that is worked out of a plan, but for the trials of the session itself, as one hash of the very rows it is read from: it
 * changes whenever any of them does, on whatever machine, and nobody has to tell anybody. One query, whatever the number of plans.
 */
final readonly class PlanFacts
{
    /**
     * The records whole, lists as sums over their rows: other sessions by when each changed last, what happened since in the window in
     * which it can still count.
     */
    private const FACTS = <<<'SQL'
        SELECT plans.*, response_models.*, dogs.*, triggers.*, intakes.*, here.*, practices.*,
            (SELECT GROUP_CONCAT(id, ' ', started_at, COALESCE(ended_at, '') ORDER BY position) FROM sets WHERE session_id = :session),
            (SELECT BIT_XOR(CRC32(CONCAT_WS(' ', id, position, retired_at))) FROM steps WHERE plan_id = plans.id),
            (SELECT GROUP_CONCAT(kind, dimension, `order` ORDER BY id) FROM dimension_orders WHERE dog_id = dogs.id),
            (SELECT GROUP_CONCAT(id, COALESCE(read_level, ''), ' ', shift) FROM sound_set_ups WHERE response_model_id = response_models.id),
            (SELECT BIT_XOR(CRC32(CONCAT_WS(' ', id, kind, severity, occurred_at))) FROM events
                WHERE dog_id = dogs.id AND occurred_at > :since AND occurred_at <= :until),
            (SELECT CONCAT(COUNT(*), ' ', COALESCE(MAX(id), 0)) FROM assessments WHERE response_model_id = response_models.id),
            (SELECT CONCAT(COUNT(*), ' ', BIT_XOR(CRC32(CONCAT_WS(' ', others.id, others.revised_at)))) FROM sessions AS others
                WHERE others.id <> :session AND others.plan_id IN
                    (SELECT id FROM plans AS alike WHERE alike.response_model_id = response_models.id)),
            (SELECT CONCAT(COUNT(*), ' ', COALESCE(MAX(id), 0), ' ', COUNT(taken_out_at)) FROM home_reps WHERE dog_id = dogs.id)
        FROM plans
        JOIN response_models ON response_models.id = plans.response_model_id
        JOIN dogs ON dogs.id = response_models.dog_id
        JOIN practices ON practices.id = dogs.practice_id
        JOIN triggers ON triggers.id = response_models.trigger_id
        LEFT JOIN intakes ON intakes.dog_id = dogs.id
        LEFT JOIN places AS here ON here.id = COALESCE(:place, plans.place_id)
        WHERE plans.id IN
        SQL;

    public function __construct(private Connection $database)
    {
    }

    /**
     * @param  list<int>  $plans
     * @param  \DateTimeImmutable  $until  up to which things count
     * @param  ?Session  $session  of one of them, in its own place: with its sets, and without its trials
     * @return array<int, string> by plan
     */
    public function of(array $plans, \DateTimeImmutable $until, ?Session $session = null): array
    {
        if ($plans === []) {
            return [];
        }
        $statement = $this->database->getPdo()->prepare(self::FACTS.' ('.implode(', ', $plans).')');
        $statement->execute([
            'session' => $session->id ?? 0, 'place' => $session === null ? null : $session->place_id ?? 0,
            'since' => $until->modify('-'.CarryOver::WINDOW_HOURS.' hours')->format('Y-m-d H:i:s.v'),
            'until' => $until->format('Y-m-d H:i:s.v'),
        ]);
        $found = [];
        // by number: records of one row have columns of one name
        while (is_array($row = $statement->fetch(\PDO::FETCH_NUM))) {
            $found[is_numeric($row[0]) ? (int) $row[0] : 0] = hash('xxh128', serialize($row));
        }

        return $found;
    }
}
