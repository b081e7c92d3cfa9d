<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Foundation\Formats\Pdf;
use App\Foundation\Words\Languages;
use App\Foundation\Words\Words;
use Hakama\Money\Amount;
use Hakama\Money\Iban;
use Hakama\Money\Letterhead;
use Locale;

/**
 * A paper as it is printed: the shop at the top, to whom it goes where a window envelope shows it, what is looked for
 * first beside that, the rows with quantity, unit price and amount, the sum with its tax, and where to pay at the
 * foot of
 * every page.
 */
final class PaperPdf
{
    private const LEFT = 20.0;
    private const RIGHT_MARGIN = 20.0;
    private const LINE = 5.2;
    private const ROW = 6.5;
    /** So much of the foot of a page is kept for the shop's register and bank. */
    private const FOOT = 30.0;

    private readonly Pdf $pdf;
    private readonly float $right;
    private readonly float $bottom;
    private float $y = 0.0;

    private function __construct(private readonly PricedPaper $paper)
    {
        $sheet = Languages::paper();
        $this->pdf = Pdf::sized($sheet->widthMm(), $sheet->heightMm(), $paper->heading);
        $this->right = $sheet->widthMm() - self::RIGHT_MARGIN;
        $this->bottom = $sheet->heightMm() - self::FOOT;
    }

    public static function of(PricedPaper $paper): string
    {
        $pdf = new self($paper);
        $pdf->head();
        $pdf->pdf->group('Table');
        $pdf->columns();
        $pdf->rows();
        $pdf->pdf->endGroup();
        $pdf->sum();
        $pdf->below();
        if ($paper->bill !== null) {
            FacturX::into($pdf->pdf, $paper->bill);
        }

        return $pdf->pdf->bytes();
    }

    /** As it is written on paper: whole and hundredths. */
    public static function amount(int $cents): string
    {
        return ($cents < 0 ? '-' : '').number_format(abs($cents) / 100, 2, Words::mark(), ' ');
    }

    /** What one of so many costs: to the hundredth, or finer where the sum does not divide. */
    public static function each(int $cents, int $pieces): string
    {
        return $cents % $pieces === 0
            ? self::amount(intdiv($cents, $pieces))
            : ($cents < 0 ? '-' : '').number_format(
                Amount::of(100 * abs($cents))->per($pieces)->cents() / 10_000,
                4,
                Words::mark(),
                ' ',
            );
    }

    private function page(): void
    {
        $this->pdf->page();
        $this->pdf->pen(0, 0.2);
        $this->foot();
        $this->y = 25.0;
    }

    private function head(): void
    {
        $this->page();
        $from = $this->paper->from;
        $this->pdf->font(19, true);
        $this->pdf->text(self::LEFT, 26, $from->party->name);
        $this->pdf->font(8.5);
        $y = 18.0;
        foreach (self::reach($from) as $line) {
            $this->pdf->textTo($this->right, $y, $line);
            $y += 4;
        }
        $this->pdf->font(10.5);
        $y = 52.0;
        foreach ($this->paper->to as $line) {
            $this->pdf->text(self::LEFT, $y, $line);
            $y += self::LINE;
        }
        $under = $y;
        $y = 52.0;
        foreach ($this->paper->facts as [$name, $value]) {
            $this->pdf->font(9);
            $this->pdf->text(120, $y, $name);
            $this->pdf->font(10.5);
            $this->pdf->textTo($this->right, $y, $value);
            $y += self::LINE;
        }
        $this->y = max(92.0, $under + 10, $y + 10);
        $this->pdf->font(15, true);
        $this->pdf->text(self::LEFT, $this->y, $this->paper->heading, 'H1');
        $this->y += 11;
    }

    private function columns(): void
    {
        $this->pdf->font(9);
        $this->pdf->group('TR');
        $this->pdf->text(self::LEFT, $this->y, __('money.paper_pdf.what'), 'TH');
        $this->pdf->textTo(130, $this->y, __('money.paper_pdf.quantity'), 'TH');
        $this->pdf->textTo(160, $this->y, __('money.paper_pdf.unit_price'), 'TH');
        $this->pdf->textTo(
            $this->right,
            $this->y,
            __('money.paper_pdf.amount', ['currency' => $this->paper->currency]),
            'TH',
        );
        $this->pdf->endGroup();
        $this->pdf->line(self::LEFT, $this->y + 2, $this->right, $this->y + 2);
        $this->y += 7.5;
    }

    private function rows(): void
    {
        foreach ($this->paper->rows as $row) {
            $this->pdf->font(10.5);
            $lines = $this->pdf->wrapped($row['text'], 96.0);
            if ($this->y + count($lines) * self::LINE > $this->bottom) {
                $this->pdf->endGroup();
                $this->page();
                $this->pdf->group('Table');
                $this->columns();
                $this->pdf->font(10.5);
            }
            $this->pdf->group('TR');
            $this->pdf->group('TD');
            foreach ($lines as $i => $line) {
                $this->pdf->text(self::LEFT, $this->y + $i * self::LINE, $line);
            }
            $this->pdf->endGroup();
            $counts = $row['pieces'] > 0;
            $this->pdf->textTo(130, $this->y, $counts ? (string) $row['pieces'] : '', 'TD');
            $this->pdf->textTo(160, $this->y, $counts ? self::each($row['cents'], $row['pieces']) : '', 'TD');
            $this->pdf->textTo($this->right, $this->y, self::amount($row['cents']), 'TD');
            $this->pdf->endGroup();
            $this->y += self::ROW + (count($lines) - 1) * self::LINE;
        }
    }

    private function sum(): void
    {
        if ($this->y + 24 > $this->bottom) {
            $this->page();
        }
        $tax = $this->paper->tax;
        $isTaxed = $tax !== null && ! $tax->isNone();
        $this->pdf->line(self::LEFT, $this->y - 3, $this->right, $this->y - 3);
        $this->y += 3;
        if ($isTaxed) {
            $percent = str_replace('.', Words::mark(), (string) round($tax->percent, 2));
            $this->pdf->font(10.5);
            $this->total(__('money.paper_pdf.net'), $this->paper->cents);
            $this->total(__('money.paper_pdf.tax', [
                'percent' => $percent,
                'net' => self::amount($this->paper->cents),
            ]), $tax->cents);
        }
        $this->pdf->font(12, true);
        $this->total(
            __('money.paper_pdf.total_due', ['currency' => $this->paper->currency]),
            $this->paper->cents + ($isTaxed ? $tax->cents : 0),
        );
        $this->y += 6;
    }

    private function total(string $name, int $cents): void
    {
        $this->pdf->text(self::LEFT, $this->y, $name);
        $this->pdf->textTo($this->right, $this->y, self::amount($cents));
        $this->y += self::ROW;
    }

    private function below(): void
    {
        $this->pdf->font(10);
        foreach ($this->paper->below as $sentence) {
            foreach ($this->pdf->wrapped($sentence, $this->right - self::LEFT) as $line) {
                if ($this->y > $this->bottom) {
                    $this->page();
                    $this->pdf->font(10);
                }
                $this->pdf->text(self::LEFT, $this->y, $line);
                $this->y += self::LINE;
            }
            $this->y += 1.5;
        }
    }

    private function foot(): void
    {
        $from = $this->paper->from;
        $lines = array_values(array_filter([
            implode(' · ', array_filter([
                $from->party->taxNumber === '' ? '' : __('money.paper_pdf.tax_number', ['number' => $from->party->taxNumber]),
                $from->registration,
            ], static fn(string $part): bool => $part !== '')),
            implode(' · ', array_filter([
                $from->bank,
                $from->iban === '' ? '' : 'IBAN '.Iban::spaced($from->iban),
                $from->bic === '' ? '' : "BIC {$from->bic}",
            ], static fn(string $part): bool => $part !== '')),
        ], static fn(string $line): bool => $line !== ''));
        if ($lines === []) {
            return;
        }
        $y = $this->bottom + 12;
        $this->pdf->line(self::LEFT, $y - 4, $this->right, $y - 4);
        $this->pdf->font(8.5);
        foreach ($lines as $line) {
            $this->pdf->text(self::LEFT, $y, $line);
            $y += 4.2;
        }
    }

    /** @return list<string> where the shop is and how it is reached */
    private static function reach(Letterhead $from): array
    {
        $country = $from->party->address->country;

        return [
            ...$from->party->address->lines($country === '' ? '' : (string) Locale::getDisplayRegion("-{$country}", Languages::now())),
            ...array_filter([$from->party->phone, $from->party->email], static fn(string $line): bool => $line !== ''),
        ];
    }
}
