<?php

declare(strict_types=1);

namespace Tests;

use Symfony\Component\Process\Process;

/** Reads a paper as another program sees it. */
final class ReadsPdf
{
    public static function text(string $pdf): string
    {
        return (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput();
    }

    public static function pages(string $pdf): int
    {
        $told = (new Process(['pdfinfo', '-'], input: $pdf))->mustRun()->getOutput();

        return preg_match('/^Pages:\s+(\d+)/m', $told, $pages) === 1 ? (int) $pages[1] : 0;
    }

    /** Its first page as a picture (PNG). */
    public static function picture(string $pdf, int $dotsAnInch): string
    {
        return (new Process(['pdftoppm', '-png', '-r', (string) $dotsAnInch, '-f', '1', '-l', '1', '-'], input: $pdf))
            ->mustRun()
            ->getOutput();
    }
}
