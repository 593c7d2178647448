<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\RemoveDemo;
use App\Models\Practice;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** From nothing to a practice with an owner, with the demo beside it and without. */
#[CoversClass(RemoveDemo::class)]
final class SetUpTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_printed_link_makes_a_practice_and_its_owner_once(): void
    {
        $path = $this->link('');
        $given = [
            'practice' => 'Reed Bank Dogs', 'town' => 'Heronsford', 'time_zone' => 'America/Halifax', 'name' => 'Ada Fenn',
            'email' => 'ada@example.test', 'password' => 'three larks above',
        ];

        $this->get($path)->assertOk();
        $this->post($path, [...$given, 'time_zone' => 'Moon/Base', 'password' => 'reedbankdogs1'])
            ->assertSessionHasErrors(['time_zone', 'password']);
        $this->post($path, $given)->assertRedirect('/');
        $owner = User::query()->where('email', 'ada@example.test')->sole();
        self::assertSame([Role::Owner, 'Reed Bank Dogs', 'America/Halifax'], [
            $owner->role, $owner->practice->name, $owner->practice->time_zone,
        ]);
        $this->get('/')->assertOk()->assertSee('Reed Bank Dogs')->assertSee('second step');
        $this->post('/sign-out');
        $this->post($path, [...$given, 'email' => 'eve@example.test'])->assertSee('no longer works');
        self::assertSame(1, Practice::query()->count());
        self::assertSame('', $this->link('--if-none'), 'there is one now');
    }

    public function test_a_link_is_good_for_a_day_and_a_newer_one_ends_it(): void
    {
        $first = $this->link('');
        $second = $this->link('');
        $this->get($first)->assertSee('no longer works');
        $this->travel(23)->hours();
        $this->get($second)->assertDontSee('no longer works');
        $this->travel(61)->minutes();
        $this->get($second)->assertSee('no longer works');
    }

    public function test_the_demo_goes_with_all_that_hangs_on_it_and_nothing_of_a_practice_beside_it(): void
    {
        $demo = World::make();
        $demo->practice->update(['is_demo' => true]);
        $this->actingAs($demo->trainer)
            ->postJson("/sessions/{$demo->session->id}/trials", $demo->trial((string) Str::uuid()))->assertCreated();
        $demo->dog->guardians()->attach($demo->user(Role::Guardian));
        $world = World::make();
        $this->actingAs($world->trainer)
            ->postJson("/sessions/{$world->session->id}/trials", $world->trial('0198c1f0-0000-7000-8000-000000000001'));
        $own = fn (): array => array_map(
            static fn (string $page): string => (string) preg_replace('/_token" value="\w+"|"now":"[^"]+"/', '', $page),
            array_map(fn (string $path): string => (string) $this->get($path)->assertOk()->getContent(), [
                "/dogs/{$world->dog->id}", "/plans/{$world->plan->id}", "/sessions/{$world->session->id}/review",
            ]),
        );
        $before = $own();
        $counts = self::counts();

        Artisan::call('wheatear:remove-demo');

        self::assertSame($before, $own());
        self::assertSame(1, Practice::query()->count());
        $left = self::counts();
        self::assertSame(2, $counts['trials']);
        self::assertSame([1, 1, 1, 0], [$left['trials'], $left['dogs'], $left['plans'], $left['dog_guardians']]);
        self::assertSame(intdiv($counts['step_exposures'], 2), $left['step_exposures']);
        foreach (DB::select('SELECT table_name AS t, column_name AS c, referenced_table_name AS r FROM information_schema.key_column_usage
            WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL') as $key) {
            self::assertSame(
                0, DB::table($key->t)->whereNotNull($key->c)->whereNotIn($key->c, DB::table($key->r)->select('id'))->count(), $key->t,
            );
        }
    }

    private function link(string $option): string
    {
        config(['app.url' => 'http://wheatear.example']);
        Artisan::call(trim("wheatear:set-up-link {$option}"));

        return str_replace('http://wheatear.example', '', trim(Artisan::output()));
    }

    /** @return array<string, int> rows by table */
    private static function counts(): array
    {
        $counts = [];
        foreach (DB::select('SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()') as $table) {
            $counts[$table->name] = DB::table($table->name)->count();
        }

        return $counts;
    }
}
