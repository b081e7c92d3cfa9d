<?php

declare(strict_types=1);

namespace App\Labels;

use App\Artwork\TemplatePdf;
use FPDF;
use TCPDF2DBarcode;

/** Labels to print: three beside each other on a sheet of A4, or one a page of a roll of 62 mm. */
final class LabelsPdf
{
    private const SHEET = [210.0, 297.0];
    private const COLUMNS = 3;
    private const ROWS = 8;
    private const MARGIN_MM = 10.0;
    private const ROLL = [62.0, 32.0];
    private const CODE_MM = 22.0;
    private const LINE_MM = 3.8;

    /** @param list<Label> $labels */
    public static function of(array $labels, bool $onRoll, string $title): string
    {
        $pdf = new FPDF('P', 'mm', self::SHEET);
        $pdf->SetAutoPageBreak(false);
        $pdf->SetTitle($title, true);
        foreach ($labels as $i => $label) {
            if ($onRoll) {
                $pdf->AddPage('L', self::ROLL);
                self::label($pdf, $label, 0.0, 0.0, ...self::ROLL);
                continue;
            }
            $place = $i % (self::COLUMNS * self::ROWS);
            if ($place === 0) {
                $pdf->AddPage();
            }
            [$width, $height] = [
                (self::SHEET[0] - 2 * self::MARGIN_MM) / self::COLUMNS,
                (self::SHEET[1] - 2 * self::MARGIN_MM) / self::ROWS,
            ];
            [$x, $y] = [
                self::MARGIN_MM + ($place % self::COLUMNS) * $width,
                self::MARGIN_MM + intdiv($place, self::COLUMNS) * $height,
            ];
            $pdf->SetDrawColor(200);
            $pdf->Rect($x, $y, $width, $height);
            self::label($pdf, $label, $x, $y, $width, $height);
        }
        if ($labels === []) {
            $pdf->AddPage();
        }

        return $pdf->Output('S');
    }

    private static function label(FPDF $pdf, Label $label, float $x, float $y, float $width, float $height): void
    {
        $top = $y + ($height - self::CODE_MM) / 2;
        self::code($pdf, $label->address, $x + 3, $top);
        $left = $x + self::CODE_MM + 6;
        $line = $top + 3;
        $write = static function (string $text, string $style, float $size) use ($pdf, $left, $x, $width, &$line): void {
            $pdf->SetFont('Helvetica', $style, $size);
            $text = TemplatePdf::plain($text);
            while ($text !== '' && $pdf->GetStringWidth($text) > $x + $width - $left - 1) {
                $text = substr($text, 0, -1);
            }
            $pdf->Text($left, $line, $text);
            $line += self::LINE_MM;
        };
        $write($label->code, 'B', 9);
        foreach ($label->lines as $text) {
            $write($text, '', 7);
        }
        $write($label->what, 'B', 9);
    }

    /** Its dark squares, each row of neighbours as one bar, so that no hairline shows between them. */
    private static function code(FPDF $pdf, string $address, float $x, float $y): void
    {
        $matrix = (new TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodeArray();
        assert(is_array($matrix) && is_array($matrix['bcode']));
        $side = self::CODE_MM / count($matrix['bcode']);
        $pdf->SetFillColor(0);
        foreach (array_values($matrix['bcode']) as $row => $cells) {
            preg_match_all('/1+/', implode('', $cells), $bars, PREG_OFFSET_CAPTURE);
            foreach ($bars[0] as [$bar, $from]) {
                $pdf->Rect($x + $from * $side, $y + $row * $side, strlen($bar) * $side, $side, 'F');
            }
        }
    }
}
