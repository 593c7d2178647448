<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Dog\Http\KitController;
use App\Dog\KitCheck;
use App\Models\Dog;
use App\Models\Person;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

#[CoversClass(KitController::class)]
#[CoversClass(KitCheck::class)]
final class KitTest extends TestCase
{
    use RefreshDatabase;

    private const FOOD = [
        'check' => 'food', 'stage' => 'adult', 'weight' => '10', 'trials' => '60', 'rate' => '1', 'jackpots' => '1',
        'piece_grams' => '0,8', 'piece_kcal' => '3.5', 'meal_kcal' => '3.6', 'left' => '12',
    ];

    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $world = World::make();
        $this->actingAs($world->trainer);
        $this->path = "/dogs/{$world->dog->id}/kit?";
        $this->put("/dogs/{$world->dog->id}/intake", ['worst' => 'none', 'food_limits' => 'no chicken', 'guards_food' => '1']);
    }

    /** The same session as worked by hand in Core\Tests\Food\FoodTest. */
    public function test_pieces_dinner_and_what_was_not_earned_are_told_with_the_dogs_limits(): void
    {
        $this->get($this->path.http_build_query(self::FOOD))->assertOk()->assertSeeInOrder(
            [
                'Must not eat: no chicken', 'Guards food', '65</strong>: 52 g, 182 kcal', '22 pieces a day',
                "33\u{00A0}g of the usual food", "9\u{00A0}g of the usual food back in the bowl",
            ],
            false,
        );
    }

    /** @param  array<string, string>  $changes */
    #[TestWith([['weight' => '0'], 'The weight'], 'no dog')]
    #[TestWith([['weight' => ''], 'Weight: measure it'], 'not typed')]
    #[TestWith([['piece_grams' => 'small'], 'One piece: type a number'], 'text')]
    #[TestWith([['piece_grams' => '0'], 'The weight of a piece'], 'zero food')]
    #[TestWith([['trials' => '-3'], 'Trials of the session: that cannot be'], 'fewer than none')]
    #[TestWith([['stage' => 'dragon'], 'life stage'], 'no such stage')]
    public function test_numbers_that_cannot_be_are_told_and_what_was_typed_stays(array $changes, string $message): void
    {
        $this->get($this->path.http_build_query([...self::FOOD, ...$changes]))
            ->assertOk()->assertSee($message)->assertSee('value="3.6"', false);
    }

    /** A card shows what is held, never what is hoped for, and only what was chosen. */
    public function test_a_care_card_has_the_chosen_fields_only(): void
    {
        $dog = Dog::query()->latest('id')->firstOrFail();
        $dog->update(['health_note' => 'one kidney']);
        $this->post("/dogs/{$dog->id}/plans", [
            'kind' => 'contact', 'trigger_name' => 'Nail file', 'person_id' => Person::query()->value('id'), 'ladder' => 'template',
            'template' => 'nails', 'run_length' => '4', 'window' => '5',
            'caution' => 'usual', 'most_advances' => '3', 'set_minutes' => '3', 'session_minutes' => '10',
        ])->assertSessionHasNoErrors();
        $card = "/dogs/{$dog->id}/reports/care";

        $this->get($card)
            ->assertOk()->assertSee('Nothing is solid yet')->assertSee('Paw touched')->assertSee('Freezes')->assertDontSee('one kidney')
            ->assertDontSee('no chicken');
        $this->get("{$card}?parts[]=health&to=".urlencode('<b>vet</b>'))
            ->assertOk()->assertSee('one kidney')->assertDontSee('Paw touched')->assertDontSee('<b>vet</b>', false);
    }

    public function test_measurements_that_contradict_each_other_ask(): void
    {
        $this->get($this->path.'check=collar&neck=40&head=36&worn=42')->assertOk()->assertSee('Measure again')->assertSee('harness');
        $this->get(
            $this->path
                .'check=basket&nose_length=9&closed_girth=24&open_girth=30&open_height=11&'
                .'inside_length=9.2&inside_girth=32&inside_height=12',
        )->assertOk()->assertSee('it touches the front')->assertSee('Room to pant around');
        $harness = $this->path.'check=harness&chest=60&strap=63&elbow=2';
        $this->get("{$harness}&leg_free=1")->assertOk()->assertSee('it rubs')->assertSee('Both forelegs are free');
        $this->get($harness)->assertOk()->assertSee('A strap crosses a shoulder');
        $basket = $this->path.'check=basket&nose_length=3&closed_girth=24&open_girth=30&open_height=11&'
            .'inside_length=4&inside_girth=32&inside_height=12';
        $this->get("{$basket}&short_nosed=1")->assertOk()->assertSee('needs a fitter: baskets by length');
        $this->get($basket)->assertOk()->assertDontSee('needs a fitter: baskets by length');
    }
}
