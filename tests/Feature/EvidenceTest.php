<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\CoreCatalogs;
use App\Engine\EvidenceJson;
use App\Engine\EvidenceReader;
use App\Engine\EvidenceStamp;
use App\Engine\PlanReader;
use App\Engine\SituationReader;
use App\Models\Session;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;
use Core\Response\ModelBuilder;
use Core\Response\Risk;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** Years of work behind a dog: only what still counts is read, and nothing that is told changes for it. */
#[CoversClass(EvidenceReader::class)]
#[CoversClass(SituationReader::class)]
final class EvidenceTest extends TestCase
{
    use RefreshDatabase;

    private const SESSIONS = 45;

    private const TRIALS = 40;

    private World $world;

    /** @var list<SessionEvidence> oldest first */
    private array $all = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $plan = $this->world->plan;
        $catalog = app(CoreCatalogs::class)->dimensions(PlanKind::Presence);
        for ($i = self::SESSIONS; $i > 0; $i--) {
            $at = new \DateTimeImmutable(now()->subDays(3 * $i)->format('Y-m-d H:i:s'), new \DateTimeZone('UTC'));
            $trials = [];
            for ($n = 0; $n < self::TRIALS; $n++) {
                $trials[] = [
                    'exposure' => Exposure::of(['distance' => 20.0 + 2.0 * (($i + $n) % 12), 'trigger_motion' => 'standing'], $catalog),
                    'band' => Band::from(($n * $i) % 7 === 0 ? 2 : $n % 2), 'afterReaction' => false,
                ];
            }
            $evidence = SessionEvidence::ofTrials($at, $trials);
            $session = Session::query()->create([
                'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $this->world->session->person_id,
                'user_id' => $this->world->trainer->id, 'started_at' => $at, 'ended_at' => $at,
            ]);
            Session::query()->toBase()->where('id', $session->id)->update([
                'evidence' => EvidenceJson::encode($evidence),
                'summary' => DB::table('sessions')->where('id', $this->world->session->id)->value('summary'),
            ]);
            $this->all[] = $evidence;
        }
    }

    public function test_a_model_of_what_is_read_is_that_of_all_there_ever_was(): void
    {
        $model = $this->world->plan->responseModel;
        $now = new \DateTimeImmutable(now()->format('Y-m-d H:i:s'), new \DateTimeZone('UTC'));
        DB::table('sessions')->where('id', $this->world->session->id)->update(['evidence' => null]);
        $read = app(EvidenceReader::class)->ofModel($model, $now);

        self::assertGreaterThan(10, count($read));
        self::assertLessThan(25, count($read), 'a session before some 680 later trials says nothing any more');
        $scale = LoadScale::of(
            app(CoreCatalogs::class)->dimensions(PlanKind::Presence), Distance::fromMeters($model->reference_meters), ['trigger_motion'],
        );
        self::assertEquals(self::risk($scale, $this->all, $now), self::risk($scale, $read, $now));
        self::assertCount(self::SESSIONS, app(EvidenceReader::class)->ofModel($model, $now, atLeast: 100), 'a trend asks for more');
    }

    /** @param  list<SessionEvidence>  $sessions */
    private static function risk(LoadScale $scale, array $sessions, \DateTimeImmutable $now): ?Risk
    {
        return app(ModelBuilder::class)->build($scale, true, null, $sessions, new SessionEvidence($now, []))?->risk(
            Exposure::of(['distance' => 25.0, 'trigger_motion' => 'standing'], $scale->catalog),
        );
    }

    public function test_what_is_kept_of_a_model_is_given_up_when_anything_is_logged(): void
    {
        $plan = $this->world->plan;
        $stamp = static fn (): string => EvidenceStamp::of($plan, app(PlanReader::class)->read($plan));
        $before = $stamp();

        self::assertSame($before, $stamp());
        app(\App\Session\AskAdvice::class)->ask($this->world->session);
        self::assertNotSame($before, $stamp());
    }
}
