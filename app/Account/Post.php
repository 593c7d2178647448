<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Mail\Message;
use Psr\Log\LoggerInterface;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Sends a letter in plain text. */
final readonly class Post
{
    public function __construct(private Mailer $mailer, private LoggerInterface $log)
    {
    }

    /** Whether it went out. */
    public function send(string $to, string $subject, string $text): bool
    {
        try {
            $this->mailer->raw($text, static function (Message $message) use ($to, $subject): void {
                $message->to($to)->subject($subject);
            });

            return true;
        } catch (TransportExceptionInterface $problem) {
            // without whom it was for
            $this->log->error('A mail could not be sent.', ['problem' => $problem::class]);

            return false;
        }
    }
}
