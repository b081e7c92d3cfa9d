<?php

declare(strict_types=1);

namespace Hakama\Money\Bill;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use Hakama\Words\Text;

/**
 * Reads an electronic invoice (UBL 2.1) and holds it against rules of EN 16931: what has to be there, and that its amounts
 * come to one another. It asks the document itself, whoever wrote it.
 */
final class UblCheck
{
    private const SELLER = 'cac:AccountingSupplierParty/cac:Party/';
    private const BUYER = 'cac:AccountingCustomerParty/cac:Party/';
    private const TYPES = ['380', '381', '384', '389', '326', '751'];
    private const CATEGORIES = ['S', 'Z', 'E', 'AE', 'K', 'G', 'O', 'L', 'M'];
    private const TRANSFERS = ['30', '58'];
    /** A part that has to be there: rule => where, what it is called. */
    private const PARTS = [
        'BR-01' => ['cbc:CustomizationID', 'specification'],
        'BR-02' => ['cbc:ID', 'number'],
        'BR-03' => ['cbc:IssueDate', 'day'],
        'BR-04' => ['cbc:InvoiceTypeCode|cbc:CreditNoteTypeCode', 'type'],
        'BR-05' => ['cbc:DocumentCurrencyCode', 'currency'],
        'BR-06' => [self::SELLER.'cac:PartyLegalEntity/cbc:RegistrationName', 'seller'],
        'BR-07' => [self::BUYER.'cac:PartyLegalEntity/cbc:RegistrationName', 'buyer'],
        'BR-08' => [self::SELLER.'cac:PostalAddress', 'seller_address'],
        'BR-09' => [self::SELLER.'cac:PostalAddress/cac:Country/cbc:IdentificationCode', 'seller_country'],
        'BR-10' => [self::BUYER.'cac:PostalAddress', 'buyer_address'],
        'BR-11' => [self::BUYER.'cac:PostalAddress/cac:Country/cbc:IdentificationCode', 'buyer_country'],
        'BR-12' => ['cac:LegalMonetaryTotal/cbc:LineExtensionAmount', 'lines_total'],
        'BR-13' => ['cac:LegalMonetaryTotal/cbc:TaxExclusiveAmount', 'net'],
        'BR-14' => ['cac:LegalMonetaryTotal/cbc:TaxInclusiveAmount', 'gross'],
        'BR-15' => ['cac:LegalMonetaryTotal/cbc:PayableAmount', 'payable'],
        'BR-16' => ['cac:InvoiceLine|cac:CreditNoteLine', 'line'],
        'BR-CO-18' => ['cac:TaxTotal/cac:TaxSubtotal', 'tax_part'],
    ];
    private const OF_A_LINE = [
        'BR-21' => ['cbc:ID', 'line_number'],
        'BR-22' => ['cbc:InvoicedQuantity|cbc:CreditedQuantity', 'quantity'],
        'BR-23' => ['(cbc:InvoicedQuantity|cbc:CreditedQuantity)/@unitCode', 'unit'],
        'BR-24' => ['cbc:LineExtensionAmount', 'line_net'],
        'BR-25' => ['cac:Item/cbc:Name', 'item'],
        'BR-26' => ['cac:Price/cbc:PriceAmount', 'price'],
        'BR-CO-04' => ['cac:Item/cac:ClassifiedTaxCategory/cbc:ID', 'line_category'],
    ];
    private const OF_A_TAX = [
        'BR-45' => ['cbc:TaxableAmount', 'taxable'],
        'BR-46' => ['cbc:TaxAmount', 'tax'],
        'BR-47' => ['cac:TaxCategory/cbc:ID', 'category'],
    ];
    private const OF_AN_ALLOWANCE = [
        'BR-31' => ['cbc:Amount', 'allowance'],
        'BR-32' => ['cac:TaxCategory/cbc:ID', 'category'],
        'BR-33' => ['cbc:AllowanceChargeReason|cbc:AllowanceChargeReasonCode', 'reason'],
    ];
    private const OF_A_CHARGE = [
        'BR-36' => ['cbc:Amount', 'charge'],
        'BR-37' => ['cac:TaxCategory/cbc:ID', 'category'],
        'BR-38' => ['cbc:AllowanceChargeReason|cbc:AllowanceChargeReasonCode', 'reason'],
    ];
    private const TOTAL = 'cac:LegalMonetaryTotal/cbc:';

    /** @var list<BillFinding> */
    private array $findings = [];

    private function __construct(private readonly DOMXPath $path, private readonly DOMElement $root) {}

    /**
     * @return list<BillFinding> none where it is right
     *
     * @throws NoBill where it is no invoice in UBL at all
     */
    public static function of(string $xml): array
    {
        $document = new DOMDocument();
        // Nothing outside of the file is looked at.
        $isRead = $xml !== '' && ! str_contains($xml, '<!DOCTYPE')
            && @$document->loadXML($xml, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING);
        $root = $isRead ? $document->documentElement : null;
        $names = ['Invoice', 'CreditNote'];
        $isBill = $root !== null && in_array($root->localName, $names, true);
        if (! $isBill || ! str_contains((string) $root->namespaceURI, ':ubl:')) {
            throw new NoBill();
        }
        $path = new DOMXPath($document);
        $space = 'urn:oasis:names:specification:ubl:schema:xsd:';
        $path->registerNamespace('cac', "{$space}CommonAggregateComponents-2");
        $path->registerNamespace('cbc', "{$space}CommonBasicComponents-2");
        $check = new self($path, $root);
        $check->parts();
        $check->codes();
        $check->lines();
        $check->adjustments();
        $check->totals();
        $check->taxes();
        $check->payment();

        return $check->findings;
    }

    private function parts(): void
    {
        $this->wants(self::PARTS, $this->root);
        $seller = self::SELLER;
        if (
            $this->said("{$seller}cac:PartyIdentification/cbc:ID") === ''
            && $this->said("{$seller}cac:PartyLegalEntity/cbc:CompanyID") === ''
            && $this->said("{$seller}cac:PartyTaxScheme[cac:TaxScheme/cbc:ID='VAT']/cbc:CompanyID") === ''
        ) {
            $this->missing('BR-CO-26', 'seller_id');
        }
        foreach ($this->all("//cac:PartyTaxScheme[cac:TaxScheme/cbc:ID='VAT']/cbc:CompanyID") as $id) {
            if (preg_match('/^([A-Z]{2}|EL)/', trim($id->textContent)) !== 1) {
                $this->finds('BR-CO-09', 'einvoice.finding.prefix', ['is' => trim($id->textContent)]);
            }
        }
        foreach (['BR-62' => 'Supplier', 'BR-63' => 'Customer'] as $rule => $side) {
            if ($this->all("cac:Accounting{$side}Party/cac:Party/cbc:EndpointID[not(@schemeID)]") !== []) {
                $this->missing($rule, 'scheme');
            }
        }
        foreach ($this->all('cac:BillingReference/cac:InvoiceDocumentReference') as $reference) {
            $this->wants(['BR-55' => ['cbc:ID', 'preceding']], $reference);
        }
    }

    private function codes(): void
    {
        $type = $this->said('cbc:InvoiceTypeCode|cbc:CreditNoteTypeCode');
        if ($type !== '' && ! in_array($type, self::TYPES, true)) {
            $this->finds('BR-CL-01', 'einvoice.finding.unknown', ['what' => self::named('type'), 'is' => $type]);
        }
        $currency = $this->said('cbc:DocumentCurrencyCode');
        if ($currency !== '' && preg_match('/^[A-Z]{3}$/', $currency) !== 1) {
            $this->finds('BR-CL-04', 'einvoice.finding.unknown', ['what' => self::named('currency'), 'is' => $currency]);
        }
        foreach ($this->all('//cbc:IdentificationCode') as $country) {
            if (preg_match('/^[A-Z]{2}$/', trim($country->textContent)) !== 1) {
                $this->finds('BR-CL-14', 'einvoice.finding.unknown', [
                    'what' => self::named('country'),
                    'is' => trim($country->textContent),
                ]);
            }
        }
        foreach ($this->all('//*[@currencyID]') as $amount) {
            $digits = explode('.', trim($amount->textContent))[1] ?? '';
            if (strlen($digits) > 2 && $amount->localName !== 'PriceAmount') {
                $this->finds('BR-DEC-23', 'einvoice.finding.digits', ['is' => trim($amount->textContent)]);
            }
        }
    }

    private function lines(): void
    {
        foreach ($this->all('cac:InvoiceLine|cac:CreditNoteLine') as $line) {
            $this->wants(self::OF_A_LINE, $line);
            if ($this->amount('cac:Price/cbc:PriceAmount', $line)->isNegative()) {
                $this->finds('BR-27', 'einvoice.finding.negative', ['what' => self::named('price')]);
            }
        }
    }

    private function adjustments(): void
    {
        foreach ($this->all("cac:AllowanceCharge[cbc:ChargeIndicator='false']") as $one) {
            $this->wants(self::OF_AN_ALLOWANCE, $one);
        }
        foreach ($this->all("cac:AllowanceCharge[cbc:ChargeIndicator='true']") as $one) {
            $this->wants(self::OF_A_CHARGE, $one);
        }
    }

    private function totals(): void
    {
        $lines = $this->sum('(cac:InvoiceLine|cac:CreditNoteLine)/cbc:LineExtensionAmount');
        $off = $this->sum("cac:AllowanceCharge[cbc:ChargeIndicator='false']/cbc:Amount");
        $on = $this->sum("cac:AllowanceCharge[cbc:ChargeIndicator='true']/cbc:Amount");
        $tax = $this->sum('cac:TaxTotal/cac:TaxSubtotal/cbc:TaxAmount');
        $total = fn(string $name): BigDecimal => $this->amount(self::TOTAL.$name);
        $this->is('BR-CO-10', 'lines_total', $total('LineExtensionAmount'), $lines);
        $this->is('BR-CO-11', 'allowances_total', $total('AllowanceTotalAmount'), $off);
        $this->is('BR-CO-12', 'charges_total', $total('ChargeTotalAmount'), $on);
        $this->is(
            'BR-CO-13',
            'net',
            $total('TaxExclusiveAmount'),
            $total('LineExtensionAmount')->minus($total('AllowanceTotalAmount'))->plus($total('ChargeTotalAmount')),
        );
        $this->is('BR-CO-14', 'tax_total', $this->amount('cac:TaxTotal/cbc:TaxAmount'), $tax);
        $this->is(
            'BR-CO-15',
            'gross',
            $total('TaxInclusiveAmount'),
            $total('TaxExclusiveAmount')->plus($this->amount('cac:TaxTotal/cbc:TaxAmount')),
        );
        $this->is(
            'BR-CO-16',
            'payable',
            $total('PayableAmount'),
            $total('TaxInclusiveAmount')->minus($total('PrepaidAmount'))->plus($total('PayableRoundingAmount')),
        );
    }

    private function taxes(): void
    {
        $used = [];
        foreach ($this->all('cac:TaxTotal/cac:TaxSubtotal') as $part) {
            $this->wants(self::OF_A_TAX, $part);
            $category = $this->said('cac:TaxCategory/cbc:ID', $part);
            $percent = $this->said('cac:TaxCategory/cbc:Percent', $part);
            $used[] = $category;
            if ($category !== '' && ! in_array($category, self::CATEGORIES, true)) {
                $this->finds('BR-CL-17', 'einvoice.finding.unknown', ['what' => self::named('category'), 'is' => $category]);
                continue;
            }
            if ($percent === '' && $category !== 'O') {
                $this->missing('BR-48', 'rate');
            }
            $this->tax($category, $percent, $part);
        }
        foreach ($this->all('(cac:InvoiceLine|cac:CreditNoteLine)/cac:Item/cac:ClassifiedTaxCategory/cbc:ID') as $of) {
            if (! in_array(trim($of->textContent), $used, true)) {
                $this->missing('BR-'.trim($of->textContent).'-01', 'tax_part');
            }
        }
        if (in_array('O', $used, true)) {
            $numbers = $this->all("//cac:PartyTaxScheme[cac:TaxScheme/cbc:ID='VAT']/cbc:CompanyID");
            if ($numbers !== []) {
                $this->finds('BR-O-02', 'einvoice.finding.not_there', ['what' => self::named('tax_number')]);
            }
            if (count(array_unique($used)) > 1) {
                $this->finds('BR-O-11', 'einvoice.finding.only_one', []);
            }
        }
    }

    /** One rate of one kind: what it is taken of, what it comes to, and what its kind asks for. */
    private function tax(string $category, string $percent, DOMNode $part): void
    {
        $rate = self::decimal($percent);
        $of = "cbc:ID='{$category}'".($percent === '' ? '' : " and number(cbc:Percent)={$rate}");
        $lines = '(cac:InvoiceLine|cac:CreditNoteLine)';
        $adjusted = fn(string $isCharge): BigDecimal => $this->sum(
            "cac:AllowanceCharge[cbc:ChargeIndicator='{$isCharge}'][cac:TaxCategory[{$of}]]/cbc:Amount",
        );
        $taxable = $this->sum("{$lines}[cac:Item/cac:ClassifiedTaxCategory[{$of}]]/cbc:LineExtensionAmount")
            ->minus($adjusted('false'))
            ->plus($adjusted('true'));
        $this->is("BR-{$category}-08", 'taxable', $this->amount('cbc:TaxableAmount', $part), $taxable);
        $tax = $this->amount('cbc:TaxableAmount', $part)
            ->multipliedBy($rate)
            ->dividedBy(100, 2, RoundingMode::HALF_UP);
        $this->is($category === 'S' ? 'BR-CO-17' : "BR-{$category}-09", 'tax', $this->amount('cbc:TaxAmount', $part), $tax);
        $reason = $this->said(
            'cac:TaxCategory/cbc:TaxExemptionReason|cac:TaxCategory/cbc:TaxExemptionReasonCode',
            $part,
        );
        if (in_array($category, ['S', 'Z'], true)) {
            if ($reason !== '') {
                $this->finds("BR-{$category}-10", 'einvoice.finding.not_there', ['what' => self::named('no_tax_reason')]);
            }
        } elseif ($reason === '') {
            $this->missing("BR-{$category}-10", 'no_tax_reason');
        }
        if ($category === 'S' && ! $rate->isPositive()) {
            $this->finds('BR-S-05', 'einvoice.finding.above_zero', ['what' => self::named('rate')]);
        } elseif ($category !== 'S' && $category !== 'L' && $category !== 'M' && ! $rate->isZero()) {
            $this->finds("BR-{$category}-05", 'einvoice.finding.zero', ['what' => self::named('rate')]);
        }
        $number = self::SELLER.'cac:PartyTaxScheme/cbc:CompanyID';
        if ($category !== 'O' && $this->said($number) === '') {
            $this->missing("BR-{$category}-02", 'seller_tax_number');
        }
    }

    private function payment(): void
    {
        foreach ($this->all('cac:PaymentMeans') as $means) {
            $code = $this->said('cbc:PaymentMeansCode', $means);
            if ($code === '') {
                $this->missing('BR-49', 'payment');
            }
            if (in_array($code, self::TRANSFERS, true) && $this->said('cac:PayeeFinancialAccount/cbc:ID', $means) === '') {
                $this->missing('BR-61', 'account');
            }
        }
        $isDue = $this->said('cbc:DueDate|cac:PaymentMeans/cbc:PaymentDueDate|cac:PaymentTerms/cbc:Note') !== '';
        if (! $isDue && $this->amount(self::TOTAL.'PayableAmount')->isPositive()) {
            $this->missing('BR-CO-25', 'due');
        }
    }

    /** @param array<string, array{string, string}> $parts */
    private function wants(array $parts, DOMNode $in): void
    {
        foreach ($parts as $rule => [$where, $what]) {
            $found = $this->all($where, $in);
            if ($found === [] || trim($found[0]->textContent) === '') {
                $this->missing($rule, $what);
            }
        }
    }

    private function is(string $rule, string $what, BigDecimal $is, BigDecimal $should): void
    {
        if (! $is->isEqualTo($should)) {
            $this->finds($rule, 'einvoice.finding.is_other', [
                'what' => self::named($what),
                'is' => (string) $is,
                'should' => (string) $should,
            ]);
        }
    }

    private function missing(string $rule, string $what): void
    {
        $this->finds($rule, 'einvoice.finding.missing', ['what' => self::named($what)]);
    }

    /** @param array<string, string|Text> $with */
    private function finds(string $rule, string $key, array $with): void
    {
        $this->findings[] = new BillFinding($rule, new Text($key, $with));
    }

    private static function named(string $what): Text
    {
        return new Text("einvoice.part.{$what}");
    }

    private function said(string $where, ?DOMNode $in = null): string
    {
        $found = $this->all($where, $in);

        return $found === [] ? '' : trim($found[0]->textContent);
    }

    private function amount(string $where, ?DOMNode $in = null): BigDecimal
    {
        return self::decimal($this->said($where, $in));
    }

    private function sum(string $where): BigDecimal
    {
        $sum = BigDecimal::zero();
        foreach ($this->all($where) as $one) {
            $sum = $sum->plus(self::decimal(trim($one->textContent)));
        }

        return $sum;
    }

    private static function decimal(string $said): BigDecimal
    {
        try {
            return BigDecimal::of($said === '' ? '0' : $said);
        } catch (MathException) {
            return BigDecimal::zero();
        }
    }

    /** @return list<DOMNode> */
    private function all(string $where, ?DOMNode $in = null): array
    {
        $nodes = [];
        $found = $this->path->query($where, $in ?? $this->root);
        foreach ($found === false ? [] : $found as $node) {
            if ($node instanceof DOMNode) {
                $nodes[] = $node;
            }
        }

        return $nodes;
    }
}
