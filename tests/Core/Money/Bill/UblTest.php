<?php

declare(strict_types=1);

namespace Tests\Core\Money\Bill;

use Hakama\Money\Bill\Bill;
use Hakama\Money\Bill\BillFinding;
use Hakama\Money\Bill\BillRow;
use Hakama\Money\Bill\NoBill;
use Hakama\Money\Bill\UblCheck;
use Hakama\Money\Bill\UblWriter;
use Hakama\Money\Letterhead;
use Hakama\Money\Party;
use Hakama\Money\Tax;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** 24 at 7.25 are 174.00, 7 are 100.00, 10.00 comes off: 264.00; by 19 % that is 50.16 more, 314.16 together. */
final class UblTest extends TestCase
{
    private const SELLER = [
        'name' => 'Tarn & Tiller',
        'street' => 'Weir Lane 8',
        'postcode' => '4810',
        'city' => 'Ullenmere',
        'country' => 'IE',
        'tax_number' => 'IE0000001A',
        'email' => 'desk@tarn.example',
        'iban' => 'IE83ULLE00000000000001',
        'bic' => 'ULLEIE00',
        'no_tax_reason' => 'Small business.',
    ];
    private const BUYER = [
        'name' => 'Żółć & 山 <Choir>',
        'street' => 'Lane 4',
        'city' => 'Łódź',
        'country' => 'PL',
        'tax_number' => 'PL1234567890',
    ];

    #[Test]
    public function amounts_are_what_a_hand_comes_to(): void
    {
        $xml = UblWriter::write(self::bill());
        foreach ([
            'LineExtensionAmount currencyID="EUR">274.00<', 'AllowanceTotalAmount currencyID="EUR">10.00<',
            'TaxExclusiveAmount currencyID="EUR">264.00<', 'TaxAmount currencyID="EUR">50.16<',
            'TaxInclusiveAmount currencyID="EUR">314.16<', 'PayableAmount currencyID="EUR">314.16<',
            'PriceAmount currencyID="EUR">7.25<', 'PriceAmount currencyID="EUR">100.00<', 'BaseQuantity unitCode="C62">7<',
            'Żółć &amp; 山 &lt;Choir&gt;',
        ] as $wanted) {
            self::assertStringContainsString($wanted, $xml);
        }
        self::assertSame([], self::rules($xml));
    }

    #[Test]
    #[TestWith([19.0, true, 'S'])]
    #[TestWith([7.5, true, 'S'])]
    #[TestWith([0.0, true, 'E'])]
    #[TestWith([0.0, false, 'O'])]
    public function bills_and_credits_of_every_kind_of_tax_keep_the_rules(float $percent, bool $isKnown, string $category): void
    {
        foreach ([null, '77'] as $credits) {
            $unknown = ['tax_number' => '', 'registration' => 'Register 77'];
            $bill = self::bill($percent, $isKnown ? [] : $unknown, $credits);
            self::assertSame($category, $bill->category());
            self::assertSame([], self::rules(UblWriter::write($bill)));
        }
    }

    #[Test]
    public function every_drawn_bill_keeps_the_rules(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 300; $i++) {
            $rows = $adjustments = [];
            for ($k = mt_rand(1, 8); $k > 0; $k--) {
                $rows[] = new BillRow("Row {$k}", mt_rand(1, 500), mt_rand(0, 999_999));
            }
            for ($k = mt_rand(0, 3); $k > 0; $k--) {
                $sign = mt_rand(0, 1) === 1 ? 1 : -1;
                $adjustments[] = new BillRow("Because {$k}", 0, $sign * mt_rand(1, 9_999));
            }
            $net = array_sum(array_column([...$rows, ...$adjustments], 'cents'));
            $tax = Tax::on($net, mt_rand(1, 2_700) / 100);
            if ($net > 0) {
                self::assertSame([], self::rules(UblWriter::write(self::with($rows, $adjustments, $tax))));
            }
        }
    }

    /** @return iterable<string, array{string, string, string}> rule, what is written instead of what */
    public static function broken(): iterable
    {
        $amount = static fn(string $name, string $is): string => "{$name} currencyID=\"EUR\">{$is}<";
        $code = static fn(string $is): string => "<cbc:IdentificationCode>{$is}";
        $end = '</cbc:IdentificationCode>';
        $currency = '<cbc:DocumentCurrencyCode>';
        $reason = '<cbc:AllowanceChargeReason>Discount</cbc:AllowanceChargeReason>';
        $lines = 'LineExtensionAmount';
        $gross = 'TaxInclusiveAmount';
        yield 'no number' => ['BR-02', '<cbc:ID>12</cbc:ID>', ''];
        yield 'no day' => ['BR-03', '<cbc:IssueDate>2026-12-02</cbc:IssueDate>', ''];
        yield 'an unknown type' => ['BR-CL-01', '>380<', '>999<'];
        yield 'a currency that is none' => ['BR-CL-04', "{$currency}EUR<", "{$currency}Euro<"];
        yield 'no country of the buyer' => ['BR-11', $code('PL').$end, ''];
        yield 'a country that is none' => ['BR-CL-14', $code('PL'), $code('Poland')];
        yield 'no unit' => ['BR-23', '<cbc:InvoicedQuantity unitCode="C62">24<', '<cbc:InvoicedQuantity>24<'];
        yield 'no item' => ['BR-25', '<cbc:Name>Polo</cbc:Name>', ''];
        yield 'a price below zero' => ['BR-27', '>7.25<', '>-7.25<'];
        yield 'no reason for what comes off' => ['BR-33', $reason, ''];
        yield 'lines that come to less' => ['BR-CO-10', $amount($lines, '174.00'), $amount($lines, '173.99')];
        yield 'allowances that come to more' => ['BR-CO-11', '>10.00</cbc:Allow', '>11.00</cbc:Allow'];
        yield 'a net that is none' => ['BR-CO-13', '>264.00</cbc:TaxEx', '>265.00</cbc:TaxEx'];
        yield 'a gross that is none' => ['BR-CO-15', $amount($gross, '314.16'), $amount($gross, '314.17')];
        yield 'to pay what is not owed' => ['BR-CO-16', '>314.16</cbc:Pay', '>300.00</cbc:Pay'];
        yield 'a tax that is another' => ['BR-CO-17', '<cbc:Percent>19</cbc:Percent>', '<cbc:Percent>20</cbc:Percent>'];
        yield 'taken of another amount' => ['BR-S-08', '>264.00</cbc:Taxable', '>263.00</cbc:Taxable'];
        yield 'three digits' => ['BR-DEC-23', '>314.16</cbc:Pay', '>314.160</cbc:Pay'];
        yield 'a tax number of no country' => ['BR-CO-09', '>IE0000001A<', '>0000001A<'];
        yield 'no account' => ['BR-61', '<cbc:ID>IE83ULLE00000000000001</cbc:ID>', ''];
        yield 'no line' => ['BR-16', 'InvoiceLine>', 'OtherLine>'];
    }

    #[Test, DataProvider('broken')]
    public function what_is_broken_is_found_by_its_rule(string $rule, string $what, string $instead): void
    {
        $xml = UblWriter::write(self::bill());
        self::assertStringContainsString($what, $xml);
        self::assertContains($rule, self::rules(str_replace($what, $instead, $xml)));
    }

    #[Test]
    public function nobody_outside_of_the_tax_names_a_tax_number(): void
    {
        $xml = UblWriter::write(self::bill(0.0, ['tax_number' => '', 'registration' => 'Register 77']));
        self::assertStringNotContainsString('PL1234567890', $xml);
        $named = str_replace('<cac:PartyLegalEntity>', '<cac:PartyTaxScheme><cbc:CompanyID>PL1</cbc:CompanyID>'
            .'<cac:TaxScheme><cbc:ID>VAT</cbc:ID></cac:TaxScheme></cac:PartyTaxScheme><cac:PartyLegalEntity>', $xml);
        self::assertContains('BR-O-02', self::rules($named));
        $reason = '<cbc:TaxExemptionReason>Small business.</cbc:TaxExemptionReason>';
        self::assertContains('BR-O-10', self::rules(str_replace($reason, '', $xml)));
    }

    #[Test]
    #[TestWith([''])]
    #[TestWith(['no xml'])]
    #[TestWith(['<Invoice/>'])]
    #[TestWith(['<!DOCTYPE a [<!ENTITY b SYSTEM "file:///etc/hostname">]><a>&b;</a>'])]
    public function what_is_no_invoice_is_said_to_be_none(string $file): void
    {
        $this->expectException(NoBill::class);
        UblCheck::of($file);
    }

    /** @param array<string, string> $seller */
    private static function bill(float $percent = 19.0, array $seller = [], ?string $credits = null): Bill
    {
        return self::with(
            [new BillRow('Polo', 24, 17_400), new BillRow('Cap', 7, 10_000)],
            [new BillRow('Discount', 0, -1_000)],
            Tax::on(26_400, $percent),
            $seller,
            $credits,
        );
    }

    /**
     * @param list<BillRow>         $rows
     * @param list<BillRow>         $adjustments
     * @param array<string, string> $seller
     */
    private static function with(
        array $rows,
        array $adjustments,
        Tax $tax,
        array $seller = [],
        ?string $credits = null,
    ): Bill {
        return new Bill(
            '12',
            '2026-12-02',
            '2026-12-16',
            '2026-12-01',
            'EUR',
            '1082',
            Letterhead::of([...self::SELLER, ...$seller]),
            Party::of(self::BUYER),
            $rows,
            $adjustments,
            $tax,
            'Please pay within 14 days.',
            $credits,
        );
    }

    /** @return list<string> */
    private static function rules(string $xml): array
    {
        return array_map(static fn(BillFinding $one): string => $one->rule, UblCheck::of($xml));
    }
}
