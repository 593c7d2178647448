<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Contracts\Bus\Dispatcher;

/** Sends letters in plain text, by the worker: nobody waits for a mail server, and one that is down gets its letters later. */
final readonly class Post
{
    public function __construct(private Dispatcher $jobs)
    {
    }

    /** @param  ?\DateTimeImmutable  $notBefore  null: at once */
    public function send(int $practiceId, string $to, string $subject, string $text, ?\DateTimeImmutable $notBefore = null): void
    {
        $this->jobs->dispatch((new SendLetter($practiceId, $to, $subject, $text))->delay($notBefore));
    }
}
