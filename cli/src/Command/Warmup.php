<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Answer;
use Cli\Command;
use Cli\Document;
use Cli\SituationDocument;
use Core\Decision\RuleSettings;
use Core\Decision\Timetable;
use Core\Decision\WarmUp as WarmUpRule;

/** Where today's session would start. */
final readonly class Warmup implements Command
{
    public function __construct(private SituationDocument $situations, private Answer $answer)
    {
    }

    public function name(): string
    {
        return 'warmup';
    }

    public function answer(array $document): array
    {
        $situation = $this->situations->read(Document::of($document))->situation;

        return [
            ...$this->answer->advice((new WarmUpRule)->suggest($situation), $situation->catalog),
            'solidStep' => $situation->history->solidStep,
            'daysSinceLast' => $situation->history->daysSinceLast,
            'upset' => $situation->history->carryOver->upset ?? 0.0,
            'timetable' => self::timetable($situation->settings),
            'limits' => Answer::caps($situation->caps),
            'converged' => $situation->model !== null,
        ];
    }

    /**
     * @return array{minutes: int, parts: list<array{kind: string, startMinute: int, minutes: int}>} as many sets as the session has room
     *    for, with walks of five minutes between
     */
    private static function timetable(RuleSettings $settings): array
    {
        $sets = max(1, min(
            10, intdiv($settings->sessionMinutes + RuleSettings::BREAK_MINUTES, $settings->setMinutes + RuleSettings::BREAK_MINUTES),
        ));
        $table = Timetable::of($sets, $settings->setMinutes, RuleSettings::BREAK_MINUTES);

        return ['minutes' => $table->minutes, 'parts' => $table->parts];
    }
}
