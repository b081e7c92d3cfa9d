<?php

declare(strict_types=1);

namespace Hakama\Money\Bill;

use Hakama\Money\Address;
use Hakama\Money\Party;

/** A bill as UBL 2.1 in the shape of EN 16931, its elements in the order that the schema asks for. */
final readonly class UblWriter
{
    public const CUSTOMIZATION = 'urn:cen.eu:en16931:2017';
    private const NAMESPACE = 'urn:oasis:names:specification:ubl:schema:xsd:';

    private BillXml $xml;
    private bool $isCredit;

    private function __construct(private Bill $bill)
    {
        $this->isCredit = $bill->credits !== null;
        $root = $this->isCredit ? 'CreditNote' : 'Invoice';
        $this->xml = new BillXml($root, [
            '' => self::NAMESPACE."{$root}-2",
            'cac' => self::NAMESPACE.'CommonAggregateComponents-2',
            'cbc' => self::NAMESPACE.'CommonBasicComponents-2',
        ]);
    }

    public static function write(Bill $bill): string
    {
        $writer = new self($bill);
        $writer->document();

        return $writer->xml->written();
    }

    private function document(): void
    {
        $this->head();
        $this->party('AccountingSupplierParty', $this->bill->seller->party, true);
        $this->party('AccountingCustomerParty', $this->bill->buyer, false);
        $this->within('Delivery', $this->bill->supplied !== null, function (): void {
            $this->say('ActualDeliveryDate', (string) $this->bill->supplied);
        });
        $this->payment();
        foreach ($this->bill->adjustments as $adjustment) {
            $this->adjustment($adjustment);
        }
        $this->taxTotal();
        $this->totals();
        foreach ($this->bill->rows as $i => $row) {
            $this->row($i + 1, $row);
        }
    }

    private function head(): void
    {
        $bill = $this->bill;
        $this->say('CustomizationID', self::CUSTOMIZATION);
        $this->say('ID', $bill->number);
        $this->say('IssueDate', $bill->day);
        if (! $this->isCredit && $bill->due !== null) {
            $this->say('DueDate', $bill->due);
        }
        $this->isCredit
            ? $this->say('CreditNoteTypeCode', BillXml::CREDIT)
            : $this->say('InvoiceTypeCode', BillXml::INVOICE);
        $this->say('DocumentCurrencyCode', $bill->currency);
        $this->within('OrderReference', $bill->order !== '', fn() => $this->say('ID', $bill->order));
        $this->within('BillingReference', $this->isCredit, function () use ($bill): void {
            $this->within('InvoiceDocumentReference', true, fn() => $this->say('ID', (string) $bill->credits));
        });
    }

    private function party(string $as, Party $party, bool $sells): void
    {
        $this->within($as, true, fn() => $this->within('Party', true, fn() => $this->named($party, $sells)));
    }

    private function named(Party $party, bool $sells): void
    {
        // Who is outside of the tax names no number of it, nor the buyer's.
        $number = $this->bill->category() === 'O' ? '' : $party->taxNumber;
        $isVat = preg_match('/^[A-Z]{2}/', $number) === 1;
        $registration = $sells ? $this->bill->seller->registration : '';
        $isKnownByNumber = $sells && ! $isVat && $registration === '' && $number !== '';
        $this->say('EndpointID', $party->email, ['schemeID' => BillXml::BY_MAIL]);
        $this->within('PartyIdentification', $isKnownByNumber, fn() => $this->say('ID', $number));
        $this->within('PostalAddress', true, fn() => $this->address($party->address));
        $this->within('PartyTaxScheme', $number !== '' && ($sells || $isVat), function () use ($number, $isVat): void {
            $this->say('CompanyID', $number);
            $this->within('TaxScheme', true, fn() => $this->say('ID', $isVat ? BillXml::SCHEME : 'TAX'));
        });
        $this->within('PartyLegalEntity', true, function () use ($party, $registration): void {
            $this->say('RegistrationName', $party->name);
            $this->say('CompanyID', $registration);
        });
        $this->within('Contact', $party->phone !== '' || $party->email !== '', function () use ($party): void {
            $this->say('Telephone', $party->phone);
            $this->say('ElectronicMail', $party->email);
        });
    }

    private function address(Address $address): void
    {
        $this->say('StreetName', $address->street);
        $this->say('AdditionalStreetName', $address->more);
        $this->say('CityName', $address->city);
        $this->say('PostalZone', $address->postcode);
        $this->say('CountrySubentity', $address->region);
        $this->within('Country', $address->country !== '', fn() => $this->say('IdentificationCode', $address->country));
    }

    private function payment(): void
    {
        $seller = $this->bill->seller;
        $this->within('PaymentMeans', true, function () use ($seller): void {
            $this->say('PaymentMeansCode', $seller->iban === '' ? BillXml::NOT_SAID : BillXml::CREDIT_TRANSFER);
            $this->say('PaymentID', $this->bill->number);
            $this->within('PayeeFinancialAccount', $seller->iban !== '', function () use ($seller): void {
                $this->say('ID', $seller->iban);
                $this->say('Name', $seller->party->name);
                $this->within(
                    'FinancialInstitutionBranch',
                    $seller->bic !== '',
                    fn() => $this->say('ID', $seller->bic),
                );
            });
        });
        $this->within('PaymentTerms', $this->bill->terms !== '', fn() => $this->say('Note', $this->bill->terms));
    }

    private function adjustment(BillRow $adjustment): void
    {
        $this->within('AllowanceCharge', true, function () use ($adjustment): void {
            $this->say('ChargeIndicator', $adjustment->cents > 0 ? 'true' : 'false');
            $this->say('AllowanceChargeReason', $adjustment->text);
            $this->amount('Amount', abs($adjustment->cents));
            $this->within('TaxCategory', true, fn() => $this->category());
        });
    }

    private function taxTotal(): void
    {
        $bill = $this->bill;
        $this->within('TaxTotal', true, function () use ($bill): void {
            $this->amount('TaxAmount', $bill->tax->cents);
            $this->within('TaxSubtotal', true, function () use ($bill): void {
                $this->amount('TaxableAmount', $bill->netCents());
                $this->amount('TaxAmount', $bill->tax->cents);
                $this->within('TaxCategory', true, fn() => $this->category($bill->seller->noTaxReason));
            });
        });
    }

    /** @param string $reason why there is no tax; said where the tax is counted together */
    private function category(string $reason = ''): void
    {
        $category = $this->bill->category();
        $this->say('ID', $category);
        if ($category !== 'O') {
            $this->say('Percent', (string) round($this->bill->tax->percent, 2));
        }
        if ($category !== 'S') {
            $this->say('TaxExemptionReason', $reason);
        }
        $this->within('TaxScheme', true, fn() => $this->say('ID', BillXml::SCHEME));
    }

    private function totals(): void
    {
        $bill = $this->bill;
        $this->within('LegalMonetaryTotal', true, function () use ($bill): void {
            $total = $bill->netCents() + $bill->tax->cents;
            $this->amount('LineExtensionAmount', $bill->rowsCents());
            $this->amount('TaxExclusiveAmount', $bill->netCents());
            $this->amount('TaxInclusiveAmount', $total);
            if ($bill->allowancesCents() > 0) {
                $this->amount('AllowanceTotalAmount', $bill->allowancesCents());
            }
            if ($bill->chargesCents() > 0) {
                $this->amount('ChargeTotalAmount', $bill->chargesCents());
            }
            $this->amount('PayableAmount', $total);
        });
    }

    private function row(int $number, BillRow $row): void
    {
        $this->within($this->isCredit ? 'CreditNoteLine' : 'InvoiceLine', true, function () use ($number, $row): void {
            $this->say('ID', (string) $number);
            $quantity = $this->isCredit ? 'CreditedQuantity' : 'InvoicedQuantity';
            $this->say($quantity, (string) $row->quantity, ['unitCode' => BillXml::PIECE]);
            $this->amount('LineExtensionAmount', $row->cents);
            $this->within('Item', true, function () use ($row): void {
                $this->say('Name', $row->text);
                $this->within('ClassifiedTaxCategory', true, function (): void {
                    $this->say('ID', $this->bill->category());
                    if ($this->bill->category() !== 'O') {
                        $this->say('Percent', (string) round($this->bill->tax->percent, 2));
                    }
                    $this->within('TaxScheme', true, fn() => $this->say('ID', BillXml::SCHEME));
                });
            });
            // What does not divide is the price of all of them: so the line comes to what it says, to the cent.
            $divides = $row->cents % $row->quantity === 0;
            $this->within('Price', true, function () use ($row, $divides): void {
                $this->amount('PriceAmount', $divides ? intdiv($row->cents, $row->quantity) : $row->cents);
                if (! $divides) {
                    $this->say('BaseQuantity', (string) $row->quantity, ['unitCode' => BillXml::PIECE]);
                }
            });
        });
    }

    private function amount(string $name, int $cents): void
    {
        $this->xml->amount("cbc:{$name}", $cents, $this->bill->currency);
    }

    /** @param array<string, string> $with attributes */
    private function say(string $name, string $value, array $with = []): void
    {
        $this->xml->say("cbc:{$name}", $value, $with);
    }

    /** @param callable(): mixed $what */
    private function within(string $name, bool $isThere, callable $what): void
    {
        $this->xml->within("cac:{$name}", $isThere, $what);
    }
}
