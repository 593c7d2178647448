<?php

declare(strict_types=1);

namespace App\Demo;

use App\Home\GiveHomework;
use App\Models\Dog;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Message;
use App\Models\User;
use Core\Homework\Answer;
use Core\Homework\HomeworkKind;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Two weeks of an invented kitchen. */
final readonly class DemoHomework
{
    private const SEED = 20261104;

    public function __construct(private GiveHomework $homework)
    {
    }

    public function write(Dog $dog, User $trainer, User $guardian, \DateTimeImmutable $today): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(self::SEED));
        $from = ['from_on' => $today->modify('-12 days')->format('Y-m-d'), 'until_on' => null];
        $mat = $this->homework->give($trainer, $dog, null, HomeworkKind::Settle, [
            ...$from, 'name' => 'Settle on the mat', 'what' => 'Mat beside your chair. One piece of food between the paws now and then.',
            'counts_when' => 'He lies at ease for as long as a cup of tea takes.', 'stop_when' => 'He gets up twice: shorter next time.',
            'pieces' => 10, 'hold_seconds' => 120, 'times_a_day' => 2,
        ]);
        $turn = $this->homework->give($trainer, $dog, null, HomeworkKind::Skill, [
            ...$from, 'name' => 'Name and turn', 'what' => 'In the hallway: say his name once, turn away, pay when he comes along.',
            'counts_when' => 'He turns within two seconds.', 'stop_when' => 'Two in a row do not work: one easy thing, pay, and stop.',
            'word' => '“Bodkin”', 'pieces' => 15, 'times_a_day' => 3,
        ]);
        $this->homework->give($trainer, $dog, null, HomeworkKind::Skill, [
            ...$from, 'name' => 'The same at the garden gate', 'what' => 'Gate closed, nobody in the lane: his name once, turn, pay.',
            'counts_when' => 'He turns within two seconds.', 'stop_when' => 'A cart or a dog comes by: go in.', 'word' => '“Bodkin”',
            'times_a_day' => 3, 'after_id' => $turn->id, 'good_days' => 12,
        ]);
        for ($back = 11; $back >= 1; $back--) {
            foreach ([$mat, $turn] as $task) {
                for ($n = 0; $n < $random->getInt(0, $task->times_a_day); $n++) {
                    $this->rep($task, $guardian, $random, $today->modify("-{$back} days")->setTime(8 + 4 * $n, $random->getInt(0, 59)));
                }
            }
        }
        Message::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $guardian->id, 'is_from_home' => true,
            'uuid' => DemoHistory::uuid($random), 'body' => 'He settles better after the long walk. Should I keep it to evenings?',
            'sent_at' => $today->modify('-3 days')->setTime(19, 12), 'read_at' => $today->modify('-2 days')->setTime(8, 0),
        ]);
        Message::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $trainer->id, 'is_from_home' => false,
            'uuid' => DemoHistory::uuid($random),
            'body' => 'Evenings are fine. Once at noon this week, too, so that it is not only the walk.',
            'sent_at' => $today->modify('-2 days')->setTime(8, 5),
        ]);
    }

    private function rep(Homework $task, User $guardian, Randomizer $random, \DateTimeImmutable $at): void
    {
        HomeRep::query()->create([
            'practice_id' => $task->practice_id, 'dog_id' => $task->dog_id, 'homework_id' => $task->id, 'user_id' => $guardian->id,
            'uuid' => DemoHistory::uuid($random), 'answer' => $random->getInt(1, 10) <= 8 ? Answer::Good : Answer::NotYet,
            'seconds' => $task->hold_seconds === null ? null : $random->getInt(60, 150), 'occurred_at' => $at, 'received_at' => $at,
        ]);
    }
}
