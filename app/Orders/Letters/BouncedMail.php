<?php

declare(strict_types=1);

namespace App\Orders\Letters;

/** A report of what could not be delivered (RFC 3464), as it comes back to the sender. */
final readonly class BouncedMail
{
    private function __construct(public string $messageId, public string $why) {}

    /** Null where it is none, or says that it was delayed only, or names no letter of ours. */
    public static function read(string $mail): ?self
    {
        // Lines that were folded are one again.
        $mail = (string) preg_replace('/\r?\n[ \t]+/', ' ', $mail);
        if (preg_match('/^Action:\s*failed\s*$/mi', $mail) !== 1) {
            return null;
        }
        if (preg_match('/^Message-ID:\s*<([^>]+@letters\.hakama\.invalid)>/mi', $mail, $id) !== 1) {
            return null;
        }
        $status = preg_match('/^Status:\s*([245]\.\d+\.\d+)/mi', $mail, $found) === 1 ? $found[1] : '';
        $said = preg_match('/^Diagnostic-Code:\s*(?:[^;\r\n]+;)?\s*([^\r\n]+)/mi', $mail, $found) === 1 ? $found[1] : '';

        return new self($id[1], trim("{$status} ".mb_scrub($said, 'UTF-8')));
    }
}
