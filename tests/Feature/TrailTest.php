<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\Totp;
use App\Models\ApiToken;
use App\Models\Appointment;
use App\Models\CalendarFeed;
use App\Models\Client;
use App\Models\Dog;
use App\Models\HealthEntry;
use App\Models\Person;
use App\Models\Place;
use App\Models\Role;
use App\Models\TrailEntry;
use App\Models\User;
use App\Trail\Archive;
use App\Trail\Trail;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\CoversClass;
use Psr\Clock\ClockInterface;
use Tests\TestCase;

/** Who changed what: every act of the office leaves a line, with what it was about and what it needs to be understood. */
#[CoversClass(Trail::class)]
#[CoversClass(Archive::class)]
final class TrailTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private User $owner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->owner = $this->world->user(Role::Owner);
        $this->actingAs($this->owner);
    }

    public function test_people_clients_and_places(): void
    {
        $this->leaves(['added Bo'], fn () => $this->post('/people', ['name' => 'Bo']));
        $bo = Person::query()->where('name', 'Bo')->sole();
        $this->leaves(['changed Bob before=Bo'], fn () => $this->put("/people/{$bo->id}", ['name' => 'Bob']));
        $this->leaves(['archived Bob'], fn () => $this->post("/people/{$bo->id}/archive"));
        $this->leaves(['restored Bob'], fn () => $this->delete("/people/{$bo->id}/archive"));

        $this->leaves(['added The Reeves'], fn () => $this->post('/clients', ['name' => 'The Reeves']));
        $client = Client::query()->where('name', 'The Reeves')->sole();
        $this->leaves(
            ['changed The Reeves fields=phone'], fn () => $this->put("/clients/{$client->id}", ['name' => 'The Reeves', 'phone' => '1234']),
        );
        $this->leaves([], fn () => $this->put("/clients/{$client->id}", ['name' => 'The Reeves', 'phone' => '1234']));
        $this->leaves(['archived The Reeves'], fn () => $this->post("/clients/{$client->id}/archive"));
        $this->leaves(['restored The Reeves'], fn () => $this->delete("/clients/{$client->id}/archive"));

        $this->leaves(['added Quay'], fn () => $this->post('/places', ['name' => 'Quay']));
        $quay = Place::query()->where('name', 'Quay')->sole();
        $this->leaves(['changed Long quay'], fn () => $this->put("/places/{$quay->id}", ['name' => 'Long quay']));
        $this->leaves(['archived Long quay'], fn () => $this->post("/places/{$quay->id}/archive"));
        self::assertNotNull($quay->refresh()->archived_at);
        $this->leaves(['restored Long quay'], fn () => $this->delete("/places/{$quay->id}/archive"));
        self::assertNull($quay->refresh()->archived_at);
    }

    public function test_dogs_and_their_health(): void
    {
        $this->leaves(['added Fern'], fn () => $this->post('/dogs', ['name' => 'Fern']));
        $fern = Dog::query()->where('name', 'Fern')->sole();
        $this->leaves(['changed Ferny before=Fern'], fn () => $this->put("/dogs/{$fern->id}", ['name' => 'Ferny']));
        $this->leaves(['archived Ferny for=moved'], fn () => $this->post("/dogs/{$fern->id}/archive", ['archived_for' => 'moved']));
        $this->leaves(['restored Ferny'], fn () => $this->delete("/dogs/{$fern->id}/archive"));

        $this->leaves(['added Drops name=Ferny'], fn () => $this->post(
            "/dogs/{$fern->id}/health", ['kind' => 'medication', 'health_name' => 'Drops', 'from_on' => '2026-11-01'],
        ));
        $drops = HealthEntry::query()->sole();
        $this->leaves(['changed Drops name=Ferny'], fn () => $this->put("/health-entries/{$drops->id}", ['until_on' => '2026-11-10']));
        $this->leaves(['archived Drops name=Ferny'], fn () => $this->delete("/health-entries/{$drops->id}"));

        $new = $this->world->user(Role::Trainer);
        $new->update(['name' => 'Ida']);
        $person = Person::query()->create(['practice_id' => $this->world->practice->id, 'user_id' => $new->id, 'name' => $new->name]);
        $this->leaves(
            ["moved Ferny from={$this->owner->name} to=Ida"], fn () => $this->put("/dogs/{$fern->id}/trainer", ['trainer_id' => $new->id]),
        );
        $this->leaves(['handed_out Ferny'], fn () => $this->post("/dogs/{$fern->id}/file", ['parts' => ['plans']]));
    }

    public function test_sign_ins_and_programs(): void
    {
        $helper = $this->world->user(Role::Helper);
        $person = Person::query()->create(['practice_id' => $this->world->practice->id, 'user_id' => $helper->id, 'name' => 'Bryn']);
        $this->leaves(["role_changed {$helper->name} from=helper to=trainer"], fn () => $this->put(
            "/people/{$person->id}/sign-in", ['role' => 'trainer'],
        ));
        self::assertSame(Role::Trainer, $helper->refresh()->role);
        $this->leaves(["disabled {$helper->name}"], fn () => $this->delete("/people/{$person->id}/sign-in"));
        $this->leaves(["enabled {$helper->name}"], fn () => $this->post("/people/{$person->id}/sign-in"));
        $nell = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Nell']);
        $this->leaves(['invited Nell role=helper'], fn () => $this->post(
            "/people/{$nell->id}/invitation", ['email' => 'nell@example.test', 'role' => 'helper'],
        ));
        $this->leaves(['invitation_withdrawn Nell'], fn () => $this->delete("/people/{$nell->id}/invitation"));

        $this->leaves(['added Counter'], fn () => $this->post(
            '/programs', ['program' => 'Counter', 'scopes' => ['read'], 'token_days' => '90'],
        ));
        $this->leaves(['archived Counter'], fn () => $this->delete('/programs/'.ApiToken::query()->sole()->id));
    }

    public function test_an_account_of_ones_own(): void
    {
        $this->owner->update(['password' => Hash::make('marsh-samphire-42')]);
        $this->leaves(
            ['changed Robin'], fn () => $this->put('/account', ['name' => 'Robin', 'email' => $this->owner->email, 'language' => '']),
        );
        $this->leaves(['signed_out_elsewhere Robin', 'password_changed Robin'], fn () => $this->put(
            '/account/password', ['current_password' => 'marsh-samphire-42', 'password' => 'reed-bunting-77'],
        ));
        $this->leaves([], fn () => $this->post('/account/second-factor'));
        $code = fn (): string => Totp::code(
            (string) $this->owner->refresh()->totp_secret, Totp::step($this->app->make(ClockInterface::class)->now()),
        );
        $this->leaves(['second_factor_on Robin'], fn () => $this->put('/account/second-factor', ['code' => $code()]));
        $codes = (array) session('codes');
        self::assertTrue(app(\App\Account\SecondFactor::class)->opens($this->owner->refresh(), is_string($codes[0]) ? $codes[0] : ''));
        self::assertSame('recovery_code_used', TrailEntry::query()->latest('id')->first()?->action->value);
        $this->leaves(
            ['second_factor_off Robin'], fn () => $this->delete('/account/second-factor', ['current_password' => 'reed-bunting-77']),
        );
        $this->leaves(['signed_out_elsewhere Robin'], fn () => $this->delete('/account/devices'));
    }

    public function test_the_practice_its_hours_and_its_calendar(): void
    {
        $practice = $this->world->practice;
        $input = ['name' => 'Quay dogs', 'town' => 'Nowhere', 'time_zone' => 'UTC', 'quiet_from' => '21:00', 'quiet_until' => '07:00'];
        $this->leaves(['practice_changed Quay dogs name=Quay dogs'], fn () => $this->put('/practice', $input));
        $this->leaves([], fn () => $this->put('/practice', $input));
        $this->leaves(['changed Quay dogs'], fn () => $this->put('/practice/hours', [
            'travel_minutes' => '20', 'hot_from_month' => '6', 'hot_until_month' => '8', 'hot_from' => '11:00', 'hot_until' => '19:00',
        ]));
        $person = $this->world->plan->responseModel->person;
        $this->leaves(
            ['added  name=Dentist'],
            fn () => $this->post('/appointments', [
                'title' => 'Dentist', 'on' => '2026-11-25', 'at' => '09:30', 'minutes' => '30', 'person' => (string) $person->id,
            ]),
        );
        $appointment = Appointment::query()->sole();
        $this->leaves(
            ['changed  name=Dentist'],
            fn () => $this->put("/appointments/{$appointment->id}", ['on' => '2026-11-25', 'at' => '10:30', 'minutes' => '30']),
        );
        $this->leaves(['archived  name=Dentist'], fn () => $this->delete("/appointments/{$appointment->id}"));
        $this->leaves(["added  name={$person->name}"], fn () => $this->post("/people/{$person->id}/calendar"));
        self::assertSame($practice->id, TrailEntry::query()->latest('id')->first()?->practice_id);
        $feed = CalendarFeed::query()->create(['practice_id' => $practice->id, 'person_id' => $person->id, 'name' => 'Own']);
        $this->leaves(["archived Own name={$person->name}"], fn () => $this->delete("/calendar-feeds/{$feed->id}"));
    }

    /**
     * @param  list<string>  $lines  action, about and facts
     * @param  callable(): \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>  $act
     */
    private function leaves(array $lines, callable $act): void
    {
        $last = (int) TrailEntry::query()->max('id');
        $act()->assertSessionHasNoErrors();
        $spelled = static fn (TrailEntry $one): string => trim("{$one->action->value} {$one->about}".implode('', array_map(
            static fn (string $name, string $fact): string => " {$name}={$fact}", array_keys($one->facts ?? []), $one->facts ?? [],
        )));
        $left = TrailEntry::query()->where('id', '>', $last)->orderBy('id')->get()->map($spelled)->all();

        self::assertSame(array_map(trim(...), $lines), array_values($left));
        foreach (TrailEntry::query()->where('id', '>', $last)->get() as $one) {
            self::assertSame([$this->owner->id, $this->world->practice->id], [$one->user_id, $one->practice_id]);
        }
    }
}
