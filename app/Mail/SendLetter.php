<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Practice;
use App\Models\TrailAction;
use App\Trail\Trail;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Mail\Message;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** One letter. Its text may hold a link that opens an account, so it waits encrypted. */
final class SendLetter implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public int $tries = 6;

    /** @var list<int> seconds before each further try: about a day in all */
    public array $backoff = [30, 300, 1800, 7200, 72_000];

    public function __construct(
        private readonly int $practiceId, private readonly string $to, private readonly string $subject, private readonly string $text,
    ) {
    }

    public function handle(Mailer $mailer): void
    {
        try {
            $mailer->raw($this->text, function (Message $message): void {
                $message->to($this->to)->subject($this->subject);
            });
        } catch (TransportExceptionInterface $problem) {
            // what a mail server answers names whom the letter was for, and would stand in the log
            throw new \RuntimeException('A letter could not be sent: '.$problem::class);
        }
    }

    /** Given up: those who run the practice read it in the trail. */
    public function failed(): void
    {
        $practice = Practice::query()->find($this->practiceId);
        if ($practice !== null) {
            app(Trail::class)->write($practice->id, null, TrailAction::LetterNotSent, $practice, ['letter' => $this->subject]);
        }
    }
}
