<?php

declare(strict_types=1);

namespace Hakama\Money\Bank;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use Hakama\Money\Amount;

/**
 * Reads a bank's statement as ISO 20022 camt.053, of any version: what is booked, each payment of a collected entry for
 * itself. Its elements are known by their names alone, since each version has a namespace of its own.
 */
final readonly class CamtReader
{
    private function __construct(private DOMXPath $path) {}

    /**
     * @return list<BankEntry>
     *
     * @throws NoStatement
     */
    public static function read(string $xml): array
    {
        // A statement has no document type of its own; one that brings some is not read at all.
        if (stripos($xml, '<!DOCTYPE') !== false) {
            throw new NoStatement();
        }
        $document = new DOMDocument();
        if ($xml === '' || ! @$document->loadXML($xml, LIBXML_NONET | LIBXML_COMPACT)) {
            throw new NoStatement();
        }
        $reader = new self(new DOMXPath($document));
        $statements = $reader->all('//{BkToCstmrStmt}/{Stmt}', $document);
        if ($statements === []) {
            throw new NoStatement();
        }
        $entries = [];
        foreach ($statements as $statement) {
            $account = $reader->text('{Acct}/{Id}//{IBAN}|{Acct}/{Id}//{Id}', $statement);
            foreach ($reader->all('{Ntry}', $statement) as $entry) {
                if (in_array($reader->text('{Sts}', $entry), ['BOOK', ''], true)) {
                    array_push($entries, ...$reader->entry($account, $entry));
                }
            }
        }

        return $entries;
    }

    /** @return list<BankEntry> */
    private function entry(string $account, DOMElement $entry): array
    {
        $payments = $this->all('{NtryDtls}/{TxDtls}', $entry);
        $day = substr($this->text('{BookgDt}', $entry), 0, 10);
        $bank = $this->text('{AcctSvcrRef}', $entry);
        if ($payments === []) {
            return [$this->payment($account, $day, $entry, $entry, "{$bank}/0")];
        }

        return array_map(
            fn(DOMElement $one, int $i): BankEntry => $this->payment($account, $day, $entry, $one, "{$bank}/{$i}"),
            $payments,
            array_keys($payments),
        );
    }

    private function payment(string $account, string $day, DOMElement $entry, DOMElement $of, string $place): BankEntry
    {
        $amount = $this->all('{Amt}|{AmtDtls}/{TxAmt}/{Amt}', $of)[0] ?? $this->all('{Amt}', $entry)[0] ?? null;
        $own = $this->text('{CdtDbtInd}', $of);
        $sign = $own === '' ? $this->text('{CdtDbtInd}', $entry) : $own;
        $cents = Amount::read(trim($amount->textContent ?? ''));
        if ($amount === null || $cents === null || preg_match('/^\d{4}-\d{2}-\d{2}$/', $day) !== 1) {
            throw new NoStatement();
        }
        $text = implode(' ', array_filter([
            ...array_map(static fn(DOMElement $one): string => trim($one->textContent), $this->all('{RmtInf}/{Ustrd}', $of)),
            $this->text('{RmtInf}/{Strd}/{CdtrRefInf}/{Ref}', $of),
            $this->text('{RmtInf}/{Strd}/{RfrdDocInf}/{Nb}', $of),
            $this->endToEnd($of),
        ], static fn(string $part): bool => $part !== ''));
        $party = $this->text('{RltdPties}/{Dbtr}//{Nm}', $of);
        // Where the bank gives no reference of its own, what it says of the payment is one.
        $named = str_starts_with($place, '/') ? "{$day} {$cents} {$party} {$text} {$place}" : $place;

        return new BankEntry(
            hash('sha256', "{$account} {$named}"),
            $day,
            $sign === 'DBIT' ? -$cents : $cents,
            $amount->getAttribute('Ccy'),
            $party,
            $text,
        );
    }

    /** What the payer's own program called it; nothing where it was not given. */
    private function endToEnd(DOMElement $of): string
    {
        $named = $this->text('{Refs}/{EndToEndId}', $of);

        return $named === 'NOTPROVIDED' ? '' : $named;
    }

    private function text(string $path, DOMNode $in): string
    {
        return trim(($this->all($path, $in)[0] ?? null)->textContent ?? '');
    }

    /** @return list<DOMElement> */
    private function all(string $path, DOMNode $in): array
    {
        $found = $this->path->query((string) preg_replace('/\{(\w+)\}/', "*[local-name()='$1']", $path), $in);

        return $found === false
            ? []
            : array_values(array_filter(iterator_to_array($found), static fn($one): bool => $one instanceof DOMElement));
    }
}
