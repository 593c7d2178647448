<?php

declare(strict_types=1);

namespace App\Demo;

use App\Assessment\AssessmentDraft;
use App\Assessment\RecordAssessment;
use App\Assessment\Tried;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Item;
use App\Models\Person;
use App\Models\Place;
use App\Models\Practice;
use App\Models\ReportKind;
use App\Models\Role;
use App\Models\User;
use App\Plan\CreatePlan;
use App\Plan\LadderPlan;
use App\Plan\PlanDraft;
use App\Plan\SoundDraft;
use App\Report\MakeReport;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Measure\Distance;
use Core\Response\RiskCaps;
use Core\Sign\Band;
use Core\Sound\Recording;
use Core\Wearing\ItemKind;
use Core\Wearing\Phase;

/** The invented practice that ships with the application: Saltmarsh Lane Behavior in Eelmouth, its people and dogs. */
final readonly class DemoPractice
{
    public const PASSWORD = 'marsh-samphire-42';

    public function __construct(
        private CreatePlan $plans, private DemoHistory $history, private DemoIntakes $intakes, private RecordAssessment $assessments,
        private DemoHandling $handling, private DemoOutings $outings, private SteppedClock $clock,
        private DemoHomework $homework, private DemoWeek $week, private MakeReport $reports, private DemoTiming $timing,
        private DemoFilm $film,
    ) {
    }

    /** @param  ?\Closure(string): void  $tell  what is being written */
    public function write(\DateTimeImmutable $today, ?\Closure $tell = null): Practice
    {
        $tell ??= static function (): void {
        };
        $practice = Practice::query()->create(['name' => 'Saltmarsh Lane Behavior', 'town' => 'Eelmouth', 'time_zone' => 'Europe/London',
            'phone' => '01632 960 144',
            'is_demo' => true]);
        $rowan = $this->user($practice, 'Rowan Thwaite', 'rowan', Role::Owner);
        $ines = $this->user($practice, 'Ines Calder', 'ines', Role::Trainer);
        $this->user($practice, 'Jory Penn', 'jory', Role::Helper);
        $wilma = $this->user($practice, 'Wilma Osk', 'wilma', Role::Guardian);
        $handler = Person::query()->where('user_id', $rowan->id)->firstOrFail();
        $second = Person::query()->where('user_id', $ines->id)->firstOrFail();
        $seawall = Place::query()
            ->create(['practice_id' => $practice->id, 'name' => 'Seawall path', 'room_meters' => 120, 'trials_an_outing' => 14]);
        $ropewalk = Place::query()
            ->create(['practice_id' => $practice->id, 'name' => 'Old ropewalk field', 'room_meters' => 160, 'trials_an_outing' => 10]);

        $bodkin = $this->dog($practice, 'Bodkin', 'retired sled dog, 9, steady except near delivery carts', '2017-03-12');
        $bodkin->guardians()->attach($wilma);
        $osk = Client::query()->create([
            'practice_id' => $practice->id, 'name' => 'Osk household', 'phone' => '01632 960 171', 'email' => 'wilma@saltmarshlane.example',
            'address' => '3 Ferry Steps, Eelmouth', 'emergency_contact' => 'Tam Osk, 01632 960 172', 'vet' => 'Eelmouth Vets',
            'consented_on' => $today->modify('-40 days')->format('Y-m-d'),
        ]);
        Person::query()->where('user_id', $wilma->id)->update(['client_id' => $osk->id]);
        $bodkin->update(['client_id' => $osk->id]);
        $gorse = $this->dog($practice, 'Gorse', 'young hound, 2, barks at horse riders', '2024-05-30');
        $thimble = $this->dog($practice, 'Thimble', 'cat-sized terrier, 6, hates ear drops', '2020-09-02');
        $mabel = $this->dog($practice, 'Old Mabel', 'shepherd mix, 11, and the nail grinder', '2015-01-20');
        $this->intakes->write($bodkin, $gorse, $thimble, $mabel, $rowan, $today);

        $carts = $this->plans->write($bodkin, $rowan, $this->draft(
            'Delivery carts', ['size' => 'chest-high', 'wheels' => 'four, rattling'], $handler, $seawall, 8.0, 32.0, 64.0, 4.0,
        ));
        $tell('Bodkin and the delivery carts');
        $this->history->write($carts, $rowan, [31, 28, 26, 23, 21, 18, 15, 12, 9, 7, 4, 2], 0.2, 20261103, $today);
        $riders = $this->plans->write($gorse, $ines, $this->draft(
            'Horse riders', ['size' => 'large', 'speed' => 'walk to trot'], $second, $ropewalk, 16.0, 110.0, 140.0, 10.0,
        ));
        $tell('Gorse and the horse riders');
        $this->history->write($riders, $ines, [16, 14, 11, 9], 1.2, 3, $today);
        $this->clock->set($today->modify('-18 days')->setTime(9, 30));
        $this->assessed($mabel, $rowan, $handler, 'Nail grinder', 'nails', 3);
        $this->assessed($mabel, $rowan, $handler, 'Basket muzzle', 'basket-muzzle', 3);
        $this->assessed($thimble, $ines, $second, 'Ear drops', 'ear-care', 2);
        $muzzle = Item::query()->create([
            'practice_id' => $practice->id, 'dog_id' => $mabel->id, 'user_id' => $rowan->id, 'kind' => ItemKind::Muzzle,
            'name' => 'Tan basket muzzle', 'fit_checked_on' => $today->modify('-9 days')->format('Y-m-d'),
            'fit_note' => 'Pants and takes paste in it.',
        ]);
        $nails = $this->plans->write($mabel, $rowan, $this->care(
            'Nail grinder', $handler, 'nails', 'Two nails a day with the grinder, at her own pace.', RiskCaps::cautious(),
        ));
        $tell('Old Mabel and the nail grinder');
        $this->history->write($nails, $rowan, [17, 15, 12, 10, 8, 6, 3], 3.2, 41, $today);
        $drops = $this->plans->write($thimble, $ines, $this->care(
            'Ear drops', $second, 'ear-care', 'Drops twice a day without a hand holding him.', RiskCaps::usual(),
        ));
        $tell('Thimble and the ear drops');
        $this->history->write($drops, $ines, [12, 11, 9, 8, 6, 4], 3.2, 42, $today);
        $on = $this->plans->write($mabel, $rowan, $this->care(
            'Basket muzzle', $handler, 'basket-muzzle', 'Her own muzzle, worn on walks without a thought.', RiskCaps::cautious(), $muzzle,
            Phase::On,
        ));
        $tell('Old Mabel and her muzzle');
        $this->history->write($on, $rowan, [16, 14, 11, 9, 7, 5, 2], 4.0, 43, $today);
        $this->handling->write($mabel, $muzzle, $rowan, $handler, $today);
        $sorrel = $this->dog($practice, 'Sorrel', 'spaniel mix, 5, hides from the doorbell', '2021-02-14');
        $bell = $this->plans->write($sorrel, $ines, $this->sound('Doorbell', $second));
        $tell('Sorrel and the doorbell');
        $this->history->write($bell, $ines, [10, 8, 6, 5, 3], 1.5, 44, $today);
        Dog::query()->whereKey([$bodkin->id, $mabel->id])->update(['trainer_id' => $rowan->id]);
        Dog::query()->whereKey([$gorse->id, $thimble->id, $sorrel->id])->update(['trainer_id' => $ines->id]);
        $tell('Homework, outings and the week');
        $this->homework->write($bodkin, $rowan, $wilma, $today);
        $this->outings->write($gorse, $ines, $second->id, $today);
        $this->clock->set($today->setTime(8, 0));
        $this->week->write($rowan, $seawall, $ropewalk, $today);
        $this->timing->write($rowan, $today);
        $this->film->write($gorse, $rowan, $ines, $today);
        $this->reports->make(
            $rowan, $mabel, ReportKind::HandOver, ReportKind::HandOver->usual(), 'Ebba Lorne, Tidewrack Kennels', '', null,
        );

        return $practice;
    }

    /** Its first steps were tried with a loose body, three times each; it has reacted at the end. */
    private function assessed(Dog $dog, User $user, Person $handler, string $about, string $template, int $easy): void
    {
        $top = $this->assessments->ladder($dog, PlanKind::Contact, $template)?->top() ?? 0;
        $tried = array_map(static fn (int $i): Tried => new Tried(intdiv($i, 3), null, null, null, Band::Easy), range(0, 3 * $easy - 1));
        $this->assessments->write($dog, $user, new AssessmentDraft(PlanKind::Contact, null, $about, $handler->id, null, null, $template, [
            ...$tried, new Tried($top, null, null, null, Band::Over),
        ]));
    }

    private function care(
        string $about, Person $handler, string $template, string $goal, RiskCaps $caps, ?Item $item = null, ?Phase $phase = null,
    ): PlanDraft {
        return new PlanDraft(
            $about, PlanKind::Contact, null, $about, $handler->id, 'opt_in_station', LadderPlan::Template, Criterion::share(4, 5), $caps,
            template: $template, goalWords: $goal, outingsAWeek: 7.0, setMinutes: 3, sessionMinutes: 10, easyAfter: 3, itemId: $item?->id,
            phase: $phase,
        );
    }

    /** A bell whose level was read at the dog's mat. */
    private function sound(string $about, Person $handler): PlanDraft
    {
        return new PlanDraft(
            $about, PlanKind::Sound, null, $about, $handler->id, 'pairing', LadderPlan::EqualRatios, Criterion::run(5), RiskCaps::usual(),
            start: 32.0, goal: 62.0, play: ['source' => 'recording', 'length' => '3', 'suddenness' => 'swelling', 'place' => 'home_mat'],
            goalWords: 'Visitors ring, and she stays on her mat.', outingsAWeek: 5.0, setMinutes: 3, sessionMinutes: 10,
            sound: new SoundDraft(Recording::Doorbell, 52.0, 5.0, 65.0, 2.0),
        );
    }

    /** @param  array<string, string>  $traits */
    private function draft(
        string $trigger, array $traits, Person $handler, Place $place, float $reaction, float $fine, float $start, float $goal,
    ): PlanDraft {
        return new PlanDraft(
            $trigger, PlanKind::Presence, null, $trigger, $handler->id, 'notice_and_turn_back', LadderPlan::EqualRatios, Criterion::run(5),
            RiskCaps::usual(),
            traits: $traits, placeId: $place->id, reaction: Distance::fromMeters($reaction), fineAt: Distance::fromMeters($fine),
            start: $start, goal: $goal, play: ['trigger_motion' => 'slow_walk'],
        );
    }

    private function user(Practice $practice, string $name, string $login, Role $role): User
    {
        $user = User::query()->create([
            'practice_id' => $practice->id, 'name' => $name, 'email' => "{$login}@saltmarshlane.example", 'password' => self::PASSWORD,
            'role' => $role, 'distance_unit' => 'm',
        ]);
        Person::query()->create(['practice_id' => $practice->id, 'user_id' => $user->id, 'name' => $name]);

        return $user;
    }

    private function dog(Practice $practice, string $name, string $description, string $bornOn): Dog
    {
        return Dog::query()->create(['practice_id' => $practice->id, 'name' => $name, 'description' => $description, 'born_on' => $bornOn]);
    }
}
