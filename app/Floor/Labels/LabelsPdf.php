<?php

declare(strict_types=1);

namespace App\Floor\Labels;

use App\Foundation\Formats\Pdf;
use App\Foundation\Words\Languages;
use Hakama\Floor\LabelStock;
use TCPDF2DBarcode;

/**
 * Labels to print. Codes are drawn so that their squares fall on whole dots of printers with 150, 200, 300 and 600
 * dots an inch,
 * with the four squares of white around them that a reader looks for; words are not cut.
 */
final class LabelsPdf
{
    /** A fiftieth of an inch is 3, 4, 6 and 12 whole dots. Where a label has no room for that, half of it. */
    private const STEP_MM = 25.4 / 50;
    private const QUIET = 4;
    private const LINE_MM = 3.8;
    private const BETWEEN_MM = 2.0;
    private const SMALLEST = 5.0;
    /** A label of this height is set as small as letters are read well; a higher one larger. */
    private const LOW_MM = 32.0;
    private const LARGEST = 1.6;

    /** @param list<Label> $labels */
    public static function of(array $labels, LabelStock $stock, string $title): string
    {
        $paper = Languages::paper();
        [$pageWidth, $pageHeight] = $stock->pageMm() ?? [$paper->widthMm(), $paper->heightMm()];
        [$columns, $rows] = $stock->grid();
        $margin = $stock->marginMm();
        [$width, $height] = [($pageWidth - 2 * $margin) / $columns, ($pageHeight - 2 * $margin) / $rows];
        $pdf = Pdf::sized($pageWidth, $pageHeight, $title);
        foreach ($labels as $i => $label) {
            $place = $i % ($columns * $rows);
            if ($place === 0) {
                $pdf->page();
            }
            [$x, $y] = [$margin + ($place % $columns) * $width, $margin + intdiv($place, $columns) * $height];
            if (! $stock->isRoll()) {
                $pdf->pen(200, 0.2);
                $pdf->rectangle($x, $y, $width, $height);
            }
            self::label($pdf, $label, $x, $y, $width, $height);
        }
        if ($labels === []) {
            $pdf->page();
        }

        return $pdf->bytes();
    }

    private static function label(Pdf $pdf, Label $label, float $x, float $y, float $width, float $height): void
    {
        $side = self::code($pdf, $label->address, $x, $y, $width, $height);
        $left = $x + $side;
        $room = $width - $side - self::BETWEEN_MM;
        $scale = max(1.0, min(self::LARGEST, $height / self::LOW_MM));
        $lines = [
            ...self::fitted($pdf, $label->code, 9 * $scale, true, $room),
            ...array_merge(...array_map(
                static fn(string $text): array => self::fitted($pdf, $text, 7 * $scale, false, $room),
                $label->lines,
            )),
            ...self::fitted($pdf, $label->what, 9 * $scale, true, $room),
        ];
        // More lines than fit stand closer, not beyond the edge.
        $step = min($scale * self::LINE_MM, ($height - self::BETWEEN_MM) / count($lines));
        $line = $y + ($height - count($lines) * $step) / 2 + 0.75 * $step;
        foreach ($lines as [$text, $size, $bold]) {
            $pdf->font($size * $step / ($scale * self::LINE_MM), $bold);
            $pdf->text($left, $line, $text);
            $line += $step;
        }
    }

    /**
     * Broken between words; a word that is wider than the label stands smaller.
     *
     * @return non-empty-list<array{string, float, bool}>
     */
    private static function fitted(Pdf $pdf, string $text, float $size, bool $bold, float $room): array
    {
        $pdf->font($size, $bold);

        return array_map(static fn(string $line): array => [
            $line,
            max(self::SMALLEST, min($size, $size * $room / max(0.1, $pdf->widthOf($line)))),
            $bold,
        ], $pdf->wrapped($text, $room));
    }

    /**
     * Its dark squares, each row of neighbours as one bar, so that no hairline shows between them.
     *
     * @return float mm that it takes from the left, its white edge with it
     */
    private static function code(Pdf $pdf, string $address, float $x, float $y, float $width, float $height): float
    {
        $matrix = (new TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodeArray();
        assert(is_array($matrix) && is_array($matrix['bcode']));
        $count = count($matrix['bcode']) + 2 * self::QUIET;
        $room = min($height, $width / 2);
        $steps = intdiv((int) floor($room / self::STEP_MM), $count);
        $square = $steps > 0 ? $steps * self::STEP_MM : self::STEP_MM / 2;
        $side = $count * $square;
        $left = self::onDots($x + self::QUIET * $square);
        $top = self::onDots($y + ($height - $side) / 2 + self::QUIET * $square);
        foreach (array_values($matrix['bcode']) as $row => $cells) {
            preg_match_all('/1+/', implode('', $cells), $bars, PREG_OFFSET_CAPTURE);
            foreach ($bars[0] as [$bar, $from]) {
                $pdf->area($left + $from * $square, $top + $row * $square, strlen($bar) * $square, $square);
            }
        }

        return $side + self::STEP_MM;
    }

    private static function onDots(float $mm): float
    {
        return ceil($mm / self::STEP_MM) * self::STEP_MM;
    }
}
