<?php

declare(strict_types=1);

namespace App\Support;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** A mailbox that ships with the application: each mail becomes a file as mail programs read it (.eml, RFC 5322). */
final class MailboxTransport extends AbstractTransport
{
    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    public function __toString(): string
    {
        return 'mailbox';
    }

    protected function doSend(SentMessage $message): void
    {
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0700, true);
        }
        file_put_contents("{$this->folder}/".sprintf('%.6f', microtime(true)).'-'.bin2hex(random_bytes(4)).'.eml', $message->toString());
    }
}
