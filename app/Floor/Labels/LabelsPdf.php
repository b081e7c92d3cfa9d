<?php

declare(strict_types=1);

namespace App\Floor\Labels;

use App\Foundation\Formats\Pdf;
use App\Foundation\Words\Languages;
use TCPDF2DBarcode;

/** Labels to print: three beside each other on a sheet, or one a page of a roll of 62 mm. */
final class LabelsPdf
{
    private const COLUMNS = 3;
    private const ROWS = 8;
    private const MARGIN_MM = 10.0;
    private const ROLL = [62.0, 32.0];
    private const CODE_MM = 22.0;
    private const LINE_MM = 3.8;

    /** @param list<Label> $labels */
    public static function of(array $labels, bool $onRoll, string $title): string
    {
        $paper = Languages::paper();
        $sheet = [$paper->widthMm(), $paper->heightMm()];
        $pdf = Pdf::sized(...[...$onRoll ? self::ROLL : $sheet, $title]);
        foreach ($labels as $i => $label) {
            if ($onRoll) {
                $pdf->page();
                self::label($pdf, $label, 0.0, 0.0, ...self::ROLL);
                continue;
            }
            $place = $i % (self::COLUMNS * self::ROWS);
            if ($place === 0) {
                $pdf->page();
            }
            [$width, $height] = [
                ($sheet[0] - 2 * self::MARGIN_MM) / self::COLUMNS,
                ($sheet[1] - 2 * self::MARGIN_MM) / self::ROWS,
            ];
            [$x, $y] = [
                self::MARGIN_MM + ($place % self::COLUMNS) * $width,
                self::MARGIN_MM + intdiv($place, self::COLUMNS) * $height,
            ];
            $pdf->pen(200, 0.2);
            $pdf->rectangle($x, $y, $width, $height);
            self::label($pdf, $label, $x, $y, $width, $height);
        }
        if ($labels === []) {
            $pdf->page();
        }

        return $pdf->bytes();
    }

    private static function label(Pdf $pdf, Label $label, float $x, float $y, float $width, float $height): void
    {
        $top = $y + ($height - self::CODE_MM) / 2;
        self::code($pdf, $label->address, $x + 3, $top);
        $left = $x + self::CODE_MM + 6;
        $line = $top + 3;
        $write = static function (string $text, bool $bold, float $size) use ($pdf, $left, $x, $width, &$line): void {
            $pdf->font($size, $bold);
            while ($text !== '' && $pdf->widthOf($text) > $x + $width - $left - 1) {
                $text = mb_substr($text, 0, -1);
            }
            $pdf->text($left, $line, $text);
            $line += self::LINE_MM;
        };
        $write($label->code, true, 9);
        foreach ($label->lines as $text) {
            $write($text, false, 7);
        }
        $write($label->what, true, 9);
    }

    /** Its dark squares, each row of neighbours as one bar, so that no hairline shows between them. */
    private static function code(Pdf $pdf, string $address, float $x, float $y): void
    {
        $matrix = (new TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodeArray();
        assert(is_array($matrix) && is_array($matrix['bcode']));
        $side = self::CODE_MM / count($matrix['bcode']);
        foreach (array_values($matrix['bcode']) as $row => $cells) {
            preg_match_all('/1+/', implode('', $cells), $bars, PREG_OFFSET_CAPTURE);
            foreach ($bars[0] as [$bar, $from]) {
                $pdf->area($x + $from * $side, $y + $row * $side, strlen($bar) * $side, $side);
            }
        }
    }
}
