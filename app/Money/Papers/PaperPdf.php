<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Foundation\Formats\Pdf;
use App\Foundation\Words\Languages;
use App\Foundation\Words\Words;
use Hakama\Money\Tax;

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
        $paper = Languages::paper();
        $pdf = Pdf::sized($paper->widthMm(), $paper->heightMm(), $heading);
        $pdf->page();
        $pdf->pen(0, 0.2);
        $pdf->font(20, true);
        $pdf->text(self::LEFT, 28, $shop);
        $pdf->font(14, true);
        $pdf->text(self::LEFT, 44, $heading);
        $pdf->font(10.5);
        $y = 52.0;
        foreach ($above as $line) {
            $pdf->text(self::LEFT, $y, $line);
            $y += 6;
        }
        $y += 6;
        $pdf->line(self::LEFT, $y - 5, self::RIGHT, $y - 5);
        foreach ($rows as $row) {
            if ($y > $paper->heightMm() - 32) {
                $pdf->page();
                $y = 25.0;
            }
            $pdf->text(self::LEFT, $y, mb_strimwidth($row['text'], 0, 80, '…'));
            if ($row['pieces'] > 0) {
                $pdf->textTo(160, $y, (string) $row['pieces']);
            }
            $pdf->textTo(self::RIGHT, $y, self::amount($row['cents']));
            $y += 6.5;
        }
        $pdf->line(self::LEFT, $y - 4, self::RIGHT, $y - 4);
        $pdf->font(11.5, true);
        $pdf->text(self::LEFT, $y + 2, __('money.paper_pdf.together', ['currency' => $currency]));
        $pdf->textTo(self::RIGHT, $y + 2, self::amount($cents));
        $pdf->font(10);
        if ($tax !== null && ! $tax->isNone()) {
            $pdf->text(self::LEFT, $y + 9, __('money.paper_pdf.tax', ['percent' => str_replace('.', Words::mark(), (string) round($tax->percent, 2))]));
            $pdf->textTo(self::RIGHT, $y + 9, self::amount($tax->cents));
            $pdf->font(11.5, true);
            $pdf->text(self::LEFT, $y + 16, __('money.paper_pdf.total_due', ['currency' => $currency]));
            $pdf->textTo(self::RIGHT, $y + 16, self::amount($cents + $tax->cents));
            $pdf->font(10);
            $y += 14;
        }
        $y += 16;
        foreach ($below as $line) {
            $pdf->text(self::LEFT, $y, $line);
            $y += 5.5;
        }

        return $pdf->bytes();
    }

    /** As it is written on paper: whole and hundredths. */
    public static function amount(int $cents): string
    {
        return ($cents < 0 ? '-' : '').number_format(abs($cents) / 100, 2, Words::mark(), ' ');
    }
}
