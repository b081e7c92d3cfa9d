<?php

declare(strict_types=1);

namespace App\Money;

use App\Artwork\TemplatePdf;
use FPDF;
use Hakama\Money\Tax;
use Illuminate\Http\Response;

/** One page in the shop's name: a heading, words above, rows with pieces and amounts, their sum, words below. */
final class PaperPdf
{
    private const LEFT = 20.0;
    private const RIGHT = 190.0;

    /**
     * @param list<string>                                        $above
     * @param list<array{text: string, pieces: int, cents: int}>  $rows
     * @param list<string>                                        $below
     */
    public static function of(
        string $shop,
        string $heading,
        array $above,
        array $rows,
        int $cents,
        string $currency,
        array $below,
        ?Tax $tax = null,
    ): string {
        $pdf = new FPDF('P', 'mm', 'A4');
        $pdf->SetAutoPageBreak(true, 25);
        $pdf->SetTitle($heading, true);
        $pdf->AddPage();
        $pdf->SetFont('Helvetica', 'B', 20);
        $pdf->Text(self::LEFT, 28, TemplatePdf::plain($shop));
        $pdf->SetFont('Helvetica', 'B', 14);
        $pdf->Text(self::LEFT, 44, TemplatePdf::plain($heading));
        $pdf->SetFont('Helvetica', '', 10.5);
        $y = 52.0;
        foreach ($above as $line) {
            $pdf->Text(self::LEFT, $y, TemplatePdf::plain($line));
            $y += 6;
        }
        $y += 6;
        $pdf->Line(self::LEFT, $y - 5, self::RIGHT, $y - 5);
        foreach ($rows as $row) {
            if ($y > 265) {
                $pdf->AddPage();
                $y = 25.0;
            }
            $pdf->Text(self::LEFT, $y, TemplatePdf::plain(mb_strimwidth($row['text'], 0, 80, '...')));
            if ($row['pieces'] > 0) {
                self::right($pdf, 160, $y, (string) $row['pieces']);
            }
            self::right($pdf, self::RIGHT, $y, self::amount($row['cents']));
            $y += 6.5;
        }
        $pdf->Line(self::LEFT, $y - 4, self::RIGHT, $y - 4);
        $pdf->SetFont('Helvetica', 'B', 11.5);
        $pdf->Text(self::LEFT, $y + 2, TemplatePdf::plain("Together, {$currency}"));
        self::right($pdf, self::RIGHT, $y + 2, self::amount($cents));
        $pdf->SetFont('Helvetica', '', 10);
        if ($tax !== null && ! $tax->isNone()) {
            $pdf->Text(self::LEFT, $y + 9, TemplatePdf::plain(sprintf('Tax, %s %%', (string) round($tax->percent, 2))));
            self::right($pdf, self::RIGHT, $y + 9, self::amount($tax->cents));
            $pdf->SetFont('Helvetica', 'B', 11.5);
            $pdf->Text(self::LEFT, $y + 16, TemplatePdf::plain("To pay, {$currency}"));
            self::right($pdf, self::RIGHT, $y + 16, self::amount($cents + $tax->cents));
            $pdf->SetFont('Helvetica', '', 10);
            $y += 14;
        }
        $y += 16;
        foreach ($below as $line) {
            $pdf->Text(self::LEFT, $y, TemplatePdf::plain($line));
            $y += 5.5;
        }

        return $pdf->Output('S');
    }

    public static function response(string $bytes, string $name): Response
    {
        return (new Response($bytes))
            ->header('Content-Type', 'application/pdf')
            ->header('Content-Disposition', "inline; filename=\"{$name}.pdf\"");
    }

    /** As it is written on paper: whole and hundredths. */
    public static function amount(int $cents): string
    {
        return ($cents < 0 ? '-' : '').number_format(abs($cents) / 100, 2, '.', ' ');
    }

    private static function right(FPDF $pdf, float $x, float $y, string $text): void
    {
        $pdf->Text($x - $pdf->GetStringWidth($text), $y, $text);
    }
}
