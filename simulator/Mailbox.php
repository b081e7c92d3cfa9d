<?php

declare(strict_types=1);

namespace Simulator;

/**
 * A mail server that delivers to nobody: what is sent lies in a folder. It takes what RFC 5321 asks of the least server,
 * refuses whoever is called `nobody`, and sends back what is for `gone`, as others do an hour later.
 */
final readonly class Mailbox
{
    private const MOST_BYTES = 30_000_000;

    /** @param string $folder of what was sent; what comes back lies in `back` beneath it */
    public function __construct(private string $folder)
    {
        is_dir("{$folder}/back") || mkdir("{$folder}/back", 0o700, true);
    }

    /** @param resource $peer until it is through */
    public function serve($peer): void
    {
        $to = [];
        self::say($peer, '220 mailbox.invalid ready');
        while (($line = fgets($peer, 4096)) !== false) {
            $line = rtrim($line, "\r\n");
            if (preg_match('/^RCPT TO:\s*<([^>]+)>/i', $line, $found) === 1 && ! str_starts_with($found[1], 'nobody@')) {
                $to[] = $found[1];
            } elseif (preg_match('/^(MAIL FROM|RSET)\b/i', $line) === 1) {
                $to = [];
            } elseif (preg_match('/^DATA$/i', $line) === 1) {
                $this->take($peer, $to);
                continue;
            }
            self::say($peer, match (true) {
                preg_match('/^(EHLO|HELO)\b/i', $line) === 1 => '250 mailbox.invalid',
                preg_match('/^RCPT TO:\s*<nobody@/i', $line) === 1 => '550 5.1.1 there is nobody of that name',
                preg_match('/^(MAIL FROM|RCPT TO|RSET|NOOP)\b/i', $line) === 1 => '250 ok',
                preg_match('/^QUIT$/i', $line) === 1 => '221 bye',
                default => '500 5.5.1 not understood',
            });
        }
    }

    /**
     * @param resource     $peer
     * @param list<string> $to
     */
    private function take($peer, array $to): void
    {
        if ($to === []) {
            self::say($peer, '503 5.5.1 to whom?');

            return;
        }
        self::say($peer, '354 go on');
        $mail = '';
        while (($line = fgets($peer)) !== false && rtrim($line, "\r\n") !== '.') {
            // A line that begins with a dot was sent with two.
            $mail .= strlen($mail) < self::MOST_BYTES ? preg_replace('/^\.\./', '.', $line) : '';
        }
        $name = sprintf('%s-%s.eml', date('Ymd-His'), bin2hex(random_bytes(4)));
        file_put_contents("{$this->folder}/{$name}", $mail);
        preg_match('/^Subject:\s*([^\r\n]*)/mi', $mail, $subject);
        $about = iconv_mime_decode($subject[1] ?? '', 2, 'UTF-8');
        fwrite(STDOUT, sprintf("%s mail to %s: %s\n", date('H:i:s'), implode(', ', $to), $about));
        foreach ($to as $one) {
            if (str_starts_with(strtolower($one), 'gone@')) {
                file_put_contents("{$this->folder}/back/{$name}", self::returned($mail, $one));
            }
        }
        self::say($peer, '250 2.0.0 taken');
    }

    /** A delivery report as RFC 3464 wants it, with the head of what was sent. */
    private static function returned(string $mail, string $to): string
    {
        $head = explode("\r\n\r\n", $mail, 2)[0];

        return implode("\r\n", [
            'From: Mail Delivery <postmaster@mailbox.invalid>',
            'Subject: Undelivered',
            'MIME-Version: 1.0',
            'Content-Type: multipart/report; report-type=delivery-status; boundary="b"',
            '',
            '--b',
            'Content-Type: text/plain',
            '',
            'It could not be delivered.',
            '--b',
            'Content-Type: message/delivery-status',
            '',
            'Reporting-MTA: dns; mailbox.invalid',
            '',
            "Final-Recipient: rfc822; {$to}",
            'Action: failed',
            'Status: 5.2.1',
            'Diagnostic-Code: smtp; 550 5.2.1 this mailbox',
            ' was closed',
            '--b',
            'Content-Type: text/rfc822-headers',
            '',
            $head,
            '--b--',
            '',
        ]);
    }

    /** @param resource $peer */
    private static function say($peer, string $line): void
    {
        fwrite($peer, $line."\r\n");
    }
}
