<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Dog\Http\DogController;
use App\Import\Http\ImportController;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Import;
use App\Models\Person;
use App\Models\Place;
use App\Models\Report;
use App\Models\Role;
use App\Models\TrailAction;
use App\Models\TrailEntry;
use App\People\Http\ClientController;
use App\People\Http\PersonController;
use App\Place\Http\PlaceController;
use App\Practice\Http\TrailController;
use App\Report\Http\ReportController;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Long lists come in pages, say so, and leave nothing out. */
#[CoversClass(DogController::class)]
#[CoversClass(PersonController::class)]
#[CoversClass(ClientController::class)]
#[CoversClass(PlaceController::class)]
#[CoversClass(ReportController::class)]
#[CoversClass(ImportController::class)]
#[CoversClass(TrailController::class)]
final class ListsTest extends TestCase
{
    use RefreshDatabase;

    /** @param  \Closure(array<string, int>, int): Model  $make  of practice, user and dog, and a number */
    #[DataProvider('lists')]
    public function test_a_list_has_so_many_on_a_page_and_all_on_its_pages(string $path, int $aPage, \Closure $make): void
    {
        $world = World::make();
        $owner = $world->user(Role::Owner);
        $ids = ['practice_id' => $world->practice->id, 'user_id' => $owner->id, 'dog_id' => $world->dog->id];
        $first = $make($ids, 0);
        $there = $first::query()->where('practice_id', $world->practice->id)->count();
        for ($i = $there; $i <= $aPage; $i++) {
            $make($ids, $i);
        }
        $all = $first::query()->where('practice_id', $world->practice->id)->pluck('id')->sort()->values()->all();
        self::assertCount($aPage + 1, $all);
        $this->actingAs($owner);
        $page = function (int $number) use ($path, $ids): array {
            $response = $this->get(strtr($path, ['{dog}' => (string) $ids['dog_id']])."?page={$number}")->assertOk();
            foreach ((array) $response->original->getData() as $value) {
                if ($value instanceof LengthAwarePaginator) {
                    return [$response, $value->getCollection()->pluck('id')->all()];
                }
            }
            self::fail('There are no pages.');
        };
        [$response, $one] = $page(1);
        $response->assertSee('page=2', false);
        [, $two] = $page(2);

        self::assertSame([$aPage, 1], [count($one), count($two)]);
        self::assertSame($all, collect([...$one, ...$two])->sort()->values()->all());
    }

    /** @return iterable<string, array{string, int, \Closure(array<string, int>, int): Model}> */
    public static function lists(): iterable
    {
        $named = static fn (string $class): \Closure => static fn (array $of, int $i): Model => $class::query()->create(
            ['practice_id' => $of['practice_id'], 'name' => sprintf('Name %03d', $i)],
        );
        yield 'dogs' => ['/dogs', 40, $named(Dog::class)];
        yield 'people' => ['/people', 40, $named(Person::class)];
        yield 'households' => ['/clients', 40, $named(Client::class)];
        yield 'places' => ['/places', 40, $named(Place::class)];
        yield 'reports' => ['/dogs/{dog}/reports', 40, static fn (array $of): Model => Report::query()->create([
            ...$of, 'kind' => 'vet', 'language' => 'en', 'parts' => ['weight'], 'sections' => [], 'made_at' => now(),
        ])];
        yield 'imports' => ['/imports', 40, static fn (array $of): Model => Import::query()->create([
            ...array_diff_key($of, ['dog_id' => 0]), 'kind' => 'weights', 'name' => 'weights.csv', 'file' => (string) Str::uuid(),
            'state' => 'undone', 'head' => ['Dog'], 'matching' => [],
        ])];
        yield 'the trail' => ['/trail', 60, static fn (array $of): Model => TrailEntry::query()->create([
            ...array_diff_key($of, ['dog_id' => 0]), 'action' => TrailAction::cases()[0], 'facts' => [], 'done_at' => now(),
        ])];
    }
}
