<?php

declare(strict_types=1);

namespace Hakama\Money\Bill;

use Hakama\Money\Address;
use Hakama\Money\Party;

/**
 * A bill as UN/CEFACT Cross Industry Invoice (D16B) in the shape of EN 16931, its elements in the order that the
 * schema asks
 * for: the file that lies inside the printed invoice.
 */
final readonly class CiiWriter
{
    private const NAMESPACE = 'urn:un:unece:uncefact:data:standard:';
    /** Of UNTDID 2379: a day as yyyymmdd. */
    private const DAY = '102';

    private BillXml $xml;

    private function __construct(private Bill $bill)
    {
        $this->xml = new BillXml('rsm:CrossIndustryInvoice', [
            'rsm' => self::NAMESPACE.'CrossIndustryInvoice:100',
            'ram' => self::NAMESPACE.'ReusableAggregateBusinessInformationEntity:100',
            'udt' => self::NAMESPACE.'UnqualifiedDataType:100',
        ]);
    }

    public static function write(Bill $bill): string
    {
        $writer = new self($bill);
        $writer->head();
        $writer->xml->within('rsm:SupplyChainTradeTransaction', true, static function () use ($writer, $bill): void {
            foreach ($bill->rows as $i => $row) {
                $writer->within('IncludedSupplyChainTradeLineItem', true, static fn() => $writer->row($i + 1, $row));
            }
            $writer->within('ApplicableHeaderTradeAgreement', true, $writer->agreement(...));
            $writer->within('ApplicableHeaderTradeDelivery', true, $writer->delivery(...));
            $writer->within('ApplicableHeaderTradeSettlement', true, $writer->settlement(...));
        });

        return $writer->xml->written();
    }

    private function head(): void
    {
        $this->xml->within('rsm:ExchangedDocumentContext', true, function (): void {
            $this->within(
                'GuidelineSpecifiedDocumentContextParameter',
                true,
                fn() => $this->say('ID', UblWriter::CUSTOMIZATION),
            );
        });
        $this->xml->within('rsm:ExchangedDocument', true, function (): void {
            $this->say('ID', $this->bill->number);
            $this->say('TypeCode', $this->bill->credits === null ? BillXml::INVOICE : BillXml::CREDIT);
            $this->day('IssueDateTime', $this->bill->day);
        });
    }

    private function row(int $number, BillRow $row): void
    {
        $this->within('AssociatedDocumentLineDocument', true, fn() => $this->say('LineID', (string) $number));
        $this->within('SpecifiedTradeProduct', true, fn() => $this->say('Name', $row->text));
        // What does not divide is the price of all of them: so the line comes to what it says, to the cent.
        $divides = $row->cents % $row->quantity === 0;
        $unit = ['unitCode' => BillXml::PIECE];
        $this->within('SpecifiedLineTradeAgreement', true, function () use ($row, $divides, $unit): void {
            $this->within('NetPriceProductTradePrice', true, function () use ($row, $divides, $unit): void {
                $this->amount('ChargeAmount', $divides ? intdiv($row->cents, $row->quantity) : $row->cents);
                $this->say('BasisQuantity', $divides ? '' : (string) $row->quantity, $unit);
            });
        });
        $this->within('SpecifiedLineTradeDelivery', true, function () use ($row, $unit): void {
            $this->say('BilledQuantity', (string) $row->quantity, $unit);
        });
        $this->within('SpecifiedLineTradeSettlement', true, function () use ($row): void {
            $this->within('ApplicableTradeTax', true, $this->category(...));
            $this->within(
                'SpecifiedTradeSettlementLineMonetarySummation',
                true,
                fn() => $this->amount('LineTotalAmount', $row->cents),
            );
        });
    }

    private function agreement(): void
    {
        $bill = $this->bill;
        $this->within('SellerTradeParty', true, fn() => $this->party($bill->seller->party, true));
        $this->within('BuyerTradeParty', true, fn() => $this->party($bill->buyer, false));
        $this->within(
            'BuyerOrderReferencedDocument',
            $bill->order !== '',
            fn() => $this->say('IssuerAssignedID', $bill->order),
        );
    }

    private function party(Party $party, bool $sells): void
    {
        // Who is outside of the tax names no number of it, nor the buyer's.
        $number = $this->bill->category() === 'O' ? '' : $party->taxNumber;
        $isVat = preg_match('/^[A-Z]{2}/', $number) === 1;
        $registration = $sells ? $this->bill->seller->registration : '';
        $this->say('ID', $sells && ! $isVat && $registration === '' ? $number : '');
        $this->say('Name', $party->name);
        $this->within('SpecifiedLegalOrganization', $registration !== '', fn() => $this->say('ID', $registration));
        $this->within('DefinedTradeContact', $party->phone !== '' || $party->email !== '', function () use ($party): void {
            $this->within(
                'TelephoneUniversalCommunication',
                $party->phone !== '',
                fn() => $this->say('CompleteNumber', $party->phone),
            );
            $this->within(
                'EmailURIUniversalCommunication',
                $party->email !== '',
                fn() => $this->say('URIID', $party->email),
            );
        });
        $this->within('PostalTradeAddress', true, fn() => $this->address($party->address));
        $this->within('URIUniversalCommunication', $party->email !== '', function () use ($party): void {
            $this->say('URIID', $party->email, ['schemeID' => BillXml::BY_MAIL]);
        });
        $this->within('SpecifiedTaxRegistration', $number !== '' && ($sells || $isVat), function () use ($number, $isVat): void {
            $this->say('ID', $number, ['schemeID' => $isVat ? 'VA' : 'FC']);
        });
    }

    private function address(Address $address): void
    {
        $this->say('PostcodeCode', $address->postcode);
        $this->say('LineOne', $address->street);
        $this->say('LineTwo', $address->more);
        $this->say('CityName', $address->city);
        $this->say('CountryID', $address->country);
        $this->say('CountrySubDivisionName', $address->region);
    }

    private function delivery(): void
    {
        $this->within('ActualDeliverySupplyChainEvent', $this->bill->supplied !== null, function (): void {
            $this->day('OccurrenceDateTime', (string) $this->bill->supplied);
        });
    }

    private function settlement(): void
    {
        $bill = $this->bill;
        $this->say('PaymentReference', $bill->number);
        $this->say('InvoiceCurrencyCode', $bill->currency);
        $this->within('SpecifiedTradeSettlementPaymentMeans', true, $this->means(...));
        $this->within('ApplicableTradeTax', true, function () use ($bill): void {
            $this->amount('CalculatedAmount', $bill->tax->cents);
            $this->category($bill->seller->noTaxReason, $bill->netCents());
        });
        foreach ($bill->adjustments as $adjustment) {
            $this->within('SpecifiedTradeAllowanceCharge', true, fn() => $this->adjustment($adjustment));
        }
        $isDue = $bill->credits === null && $bill->due !== null;
        $this->within('SpecifiedTradePaymentTerms', $bill->terms !== '' || $isDue, function () use ($bill, $isDue): void {
            $this->say('Description', $bill->terms);
            if ($isDue) {
                $this->day('DueDateDateTime', (string) $bill->due);
            }
        });
        $this->within('SpecifiedTradeSettlementHeaderMonetarySummation', true, $this->totals(...));
        $this->within('InvoiceReferencedDocument', $bill->credits !== null, function () use ($bill): void {
            $this->say('IssuerAssignedID', (string) $bill->credits);
        });
    }

    private function means(): void
    {
        $seller = $this->bill->seller;
        $this->say('TypeCode', $seller->iban === '' ? BillXml::NOT_SAID : BillXml::CREDIT_TRANSFER);
        $this->within('PayeePartyCreditorFinancialAccount', $seller->iban !== '', function () use ($seller): void {
            $this->say('IBANID', $seller->iban);
            $this->say('AccountName', $seller->party->name);
        });
        $this->within(
            'PayeeSpecifiedCreditorFinancialInstitution',
            $seller->iban !== '' && $seller->bic !== '',
            fn() => $this->say('BICID', $seller->bic),
        );
    }

    private function adjustment(BillRow $adjustment): void
    {
        $this->within('ChargeIndicator', true, function () use ($adjustment): void {
            $this->xml->say('udt:Indicator', $adjustment->cents > 0 ? 'true' : 'false');
        });
        $this->amount('ActualAmount', abs($adjustment->cents));
        $this->say('Reason', $adjustment->text);
        $this->within('CategoryTradeTax', true, $this->category(...));
    }

    /**
     * @param string   $reason why there is no tax; said where the tax is counted together
     * @param int|null $of     cents that it is on, there too
     */
    private function category(string $reason = '', ?int $of = null): void
    {
        $category = $this->bill->category();
        $this->say('TypeCode', BillXml::SCHEME);
        $this->say('ExemptionReason', $category === 'S' ? '' : $reason);
        if ($of !== null) {
            $this->amount('BasisAmount', $of);
        }
        $this->say('CategoryCode', $category);
        $this->say('RateApplicablePercent', $category === 'O' ? '' : (string) round($this->bill->tax->percent, 2));
    }

    private function totals(): void
    {
        $bill = $this->bill;
        $total = $bill->netCents() + $bill->tax->cents;
        $this->amount('LineTotalAmount', $bill->rowsCents());
        if ($bill->chargesCents() > 0) {
            $this->amount('ChargeTotalAmount', $bill->chargesCents());
        }
        if ($bill->allowancesCents() > 0) {
            $this->amount('AllowanceTotalAmount', $bill->allowancesCents());
        }
        $this->amount('TaxBasisTotalAmount', $bill->netCents());
        $this->xml->amount('ram:TaxTotalAmount', $bill->tax->cents, $bill->currency);
        $this->amount('GrandTotalAmount', $total);
        $this->amount('DuePayableAmount', $total);
    }

    private function day(string $name, string $day): void
    {
        $this->within($name, true, function () use ($day): void {
            $this->xml->say('udt:DateTimeString', str_replace('-', '', $day), ['format' => self::DAY]);
        });
    }

    private function amount(string $name, int $cents): void
    {
        $this->xml->amount("ram:{$name}", $cents);
    }

    /** @param array<string, string> $with attributes */
    private function say(string $name, string $value, array $with = []): void
    {
        $this->xml->say("ram:{$name}", $value, $with);
    }

    /** @param callable(): mixed $what */
    private function within(string $name, bool $isThere, callable $what): void
    {
        $this->xml->within("ram:{$name}", $isThere, $what);
    }
}
