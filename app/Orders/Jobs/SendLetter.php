<?php

declare(strict_types=1);

namespace App\Orders\Jobs;

use App\Foundation\Database\Transaction;
use App\Foundation\ShopProfile;
use App\Orders\Letters\LetterState;
use App\Orders\Models\Letter;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\Message;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Throwable;

/**
 * Hands a letter to the mail server, once. It is marked as begun before and as sent after: what was begun by a worker
 * that was killed may have arrived, so nobody but a person sends it again.
 */
final class SendLetter implements ShouldQueue
{
    use Queueable;

    /** A server that is away for an evening is waited for. */
    public int $tries = 12;
    /** @var list<int> s */
    public array $backoff = [30, 60, 120, 300, 600, 900, 1800];

    public function __construct(public readonly int $letter) {}

    public function handle(Mailer $mailer, ShopProfile $premises): void
    {
        $letter = Transaction::run(function (): ?Letter {
            $waiting = Letter::query()->with('files')->find($this->letter);
            if ($waiting?->state !== LetterState::Waiting) {
                return null;
            }
            $waiting->become(LetterState::Sending);

            return $waiting;
        });
        if ($letter === null) {
            return;
        }
        $party = $premises->shop()->letterhead()->party;
        try {
            $mailer->raw($letter->body, static function (Message $message) use ($letter, $party): void {
                $message->to($letter->to)->from($party->email, $party->name)->subject($letter->subject);
                $message->getSymfonyMessage()->getHeaders()->addIdHeader('Message-ID', $letter->message_id);
                foreach ($letter->files as $file) {
                    $message->attachData($file->bytes, $file->name, ['mime' => $file->type]);
                }
            });
        } catch (TransportExceptionInterface $refused) {
            $this->refused($letter, $refused);

            return;
        }
        Transaction::run(static fn() => $letter->become(LetterState::Sent));
    }

    /**
     * @throws TransportExceptionInterface where it is worth another try
     */
    private function refused(Letter $letter, TransportExceptionInterface $refused): void
    {
        $isForGood = $refused->getCode() >= 500;
        // Once the server has taken what it says, nobody knows whether it was delivered.
        $mayHaveArrived = ! $isForGood && str_contains($refused->getDebug(), '< 354');
        if ($mayHaveArrived) {
            return;
        }
        Transaction::run(static fn() => $letter->become(
            $isForGood ? LetterState::Failed : LetterState::Waiting,
            self::words($refused),
        ));
        if (! $isForGood) {
            throw $refused;
        }
    }

    /** What the server said, without what our side expected. */
    private static function words(Throwable $refused): string
    {
        return preg_match('/"([^"]*)"\.?$/', $refused->getMessage(), $said) === 1
            ? trim($said[1])
            : $refused->getMessage();
    }

    /** No server took it in all that time. */
    public function failed(Throwable $last): void
    {
        Transaction::run(function () use ($last): void {
            $letter = Letter::query()->find($this->letter);
            if ($letter?->state === LetterState::Waiting) {
                $letter->become(LetterState::Failed, self::words($last));
            }
        });
    }
}
