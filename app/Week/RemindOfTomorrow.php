<?php

declare(strict_types=1);

namespace App\Week;

use App\Mail\Post;
use App\Models\Appointment;
use App\Models\Person;
use App\Models\Practice;
use Core\Homework\QuietHours;
use Core\Measure\CalendarDay;
use Illuminate\Contracts\Routing\UrlGenerator;
use Psr\Clock\ClockInterface;
use Words\Lexicon;
use Words\Phrases;

/** A letter the evening before, to everybody who has to be somewhere: in their own words, outside quiet hours, once. */
final readonly class RemindOfTomorrow
{
    /** Minute of the day from which letters are written. */
    private const FROM = 1080;

    private const MOST = 500;

    public function __construct(private Post $post, private ClockInterface $clock, private Lexicon $lexicon, private UrlGenerator $urls)
    {
    }

    /** @return int letters written */
    public function remind(): int
    {
        $letters = 0;
        foreach (Practice::query()->lazyById(100) as $practice) {
            $now = $this->clock->now()->setTimezone($practice->zone());
            $today = $now->format('Y-m-d');
            if (CalendarDay::minute($now) >= self::FROM && $practice->reminded_on?->format('Y-m-d') !== $today) {
                // first, so that an interrupted evening is not written twice
                $practice->update(['reminded_on' => $today]);
                $letters += $this->write($practice, $now);
            }
        }

        return $letters;
    }

    private function write(Practice $practice, \DateTimeImmutable $now): int
    {
        $utc = new \DateTimeZone('UTC');
        $tomorrow = $now->modify('+1 day')->setTime(0, 0);
        $people = $appointments = [];
        foreach (Appointment::query()->with(['plan.responseModel.dog', 'person.user', 'helper', 'place'])
            ->where('practice_id', $practice->id)->whereNull('cancelled_at')->where('starts_at', '>=', $tomorrow->setTimezone($utc))
            ->where('starts_at', '<', $tomorrow->modify('+1 day')->setTimezone($utc))->orderBy('starts_at')->limit(self::MOST)
            ->get() as $one) {
            foreach (array_filter([$one->person, $one->helper]) as $person) {
                $people[$person->id] = $person;
                $appointments[$person->id][] = $one;
            }
        }
        $at = (new QuietHours($practice->quiet_from, $practice->quiet_until))->after($now);
        $letters = 0;
        foreach ($people as $id => $person) {
            $user = $person->user;
            if ($user !== null && $user->disabled_at === null && $person->is_reminded && $person->archived_at === null) {
                [$subject, $text] = $this->letter($person, $tomorrow, $appointments[$id]);
                $this->post->send($practice->id, $user->email, $subject, $text, $at > $now ? $at : null);
                $letters++;
            }
        }

        return $letters;
    }

    /**
     * @param  list<Appointment>  $appointments
     * @return array{string, string}
     */
    private function letter(Person $person, \DateTimeImmutable $day, array $appointments): array
    {
        $words = new Phrases($this->lexicon, $person->user?->reader() ?? $person->practice->reader());
        $day = $words->formats->weekday($day->setTime(12, 0));
        $lines = array_map(static function (Appointment $one) use ($words, $person): string {
            $where = AppointmentWords::where($one, $words);

            return $words->say('week.letter.line', [
                'from' => $words->formats->time($one->starts_at), 'until' => $words->formats->time($one->ends_at),
                'what' => AppointmentWords::title($one, $person->user?->role->managesPlans() === true, $words),
                'where' => $where === '' ? '' : " ({$where})",
            ]);
        }, $appointments);

        return [
            $words->say('week.letter.subject', ['day' => $day, 'count' => count($appointments)]),
            implode("\n", [
                $words->say('week.letter.hello', ['day' => $day]), '', ...$lines, '',
                $words->say('week.letter.look', ['link' => $this->urls->route('week')]),
            ]),
        ];
    }
}
