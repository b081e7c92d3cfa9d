<?php

declare(strict_types=1);

namespace Tests\Core\Money\Bank;

use Hakama\Money\Bank\BankEntry;
use Hakama\Money\Bank\CamtReader;
use Hakama\Money\Bank\NoStatement;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A bank's statement as its schema has it, and which invoices a payment is for. */
final class CamtReaderTest extends TestCase
{
    #[Test, TestWith(['02']), TestWith(['08'])]
    public function what_is_booked_is_read_each_payment_for_itself(string $version): void
    {
        $entries = CamtReader::read(self::statement($version));
        self::assertSame(
            [
                ['2026-11-02', 11900, 'EUR', 'Harbour Choir', 'Invoice 78 thank you'],
                ['2026-11-03', 4000, 'EUR', 'Night Bakery', '79'],
                ['2026-11-03', 2500, 'EUR', 'Weir & Sons', 'RF18 80'],
                ['2026-11-04', -1250, 'EUR', '', 'Fee'],
            ],
            array_map(
                static fn(BankEntry $one): array => [$one->day, $one->cents, $one->currency, $one->party, $one->text],
                $entries,
            ),
        );
        self::assertCount(4, array_unique(array_column($entries, 'key')));
        self::assertEquals($entries, CamtReader::read(self::statement($version)), 'the same statement, the same keys');
    }

    #[Test]
    #[TestWith([''])]
    #[TestWith(['no statement'])]
    #[TestWith(['<a/>'])]
    #[TestWith(['<!DOCTYPE a [<!ENTITY x SYSTEM "file:///etc/passwd">]><a>&x;</a>'])]
    #[TestWith(['<Document><BkToCstmrStmt><Stmt><Ntry><Amt Ccy="EUR">much</Amt><BookgDt><Dt>2026-11-02</Dt></BookgDt>'
        .'</Ntry></Stmt></BkToCstmrStmt></Document>'])]
    #[TestWith(['<Document><BkToCstmrStmt><Stmt><Ntry><Amt Ccy="EUR">1.00</Amt></Ntry></Stmt></BkToCstmrStmt>'
        .'</Document>'])]
    public function what_is_no_statement_is_refused(string $xml): void
    {
        $this->expectException(NoStatement::class);
        CamtReader::read($xml);
    }

    /**
     * @param array<int, int> $open
     * @param list<int>       $paid
     */
    #[Test]
    #[TestWith(['Invoice 78', 11900, [78 => 11900, 79 => 11900], [78]])]
    #[TestWith(['78', 11900, [78 => 12000], []])]
    #[TestWith(['inv. 78, 79', 15900, [78 => 11900, 79 => 4000], [78, 79]])]
    #[TestWith(['78 79', 11900, [78 => 11900, 79 => 4000], []])]
    #[TestWith(['from the choir', 11900, [78 => 11900], []])]
    #[TestWith(['order 1082 invoice 78', 11900, [78 => 11900], [78]])]
    #[TestWith(['RE78', 11900, [78 => 11900], []])]
    #[TestWith(['EUR 78.00', 11900, [78 => 11900], []])]
    #[TestWith(['7 8', 11900, [78 => 11900], []])]
    #[TestWith(['78.', 11900, [78 => 11900], [78]])]
    public function a_payment_is_for_the_invoices_it_names_where_the_amount_is_theirs(
        string $text,
        int $cents,
        array $open,
        array $paid,
    ): void {
        self::assertSame($paid, (new BankEntry('k', '2026-11-02', $cents, 'EUR', 'Choir', $text))->pays($open));
    }

    public static function statement(string $version): string
    {
        // The later versions have states and parties a step deeper.
        [$booked, $party] = $version === '02'
            ? ['<Sts>BOOK</Sts>', static fn(string $name): string => "<Dbtr><Nm>{$name}</Nm></Dbtr>"]
            : [
                '<Sts><Cd>BOOK</Cd></Sts>',
                static fn(string $name): string => "<Dbtr><Pty><Nm>{$name}</Nm></Pty></Dbtr>",
            ];
        $pending = str_replace('BOOK', 'PDNG', $booked);

        return <<<XML
            <?xml version="1.0" encoding="UTF-8"?>
            <Document xmlns="urn:iso:std:iso:20022:tech:xsd:camt.053.001.{$version}"><BkToCstmrStmt>
            <GrpHdr><MsgId>1</MsgId></GrpHdr><Stmt><Id>1</Id><Acct><Id><IBAN>DE89370400440532013000</IBAN></Id></Acct>
            <Ntry><Amt Ccy="EUR">119.00</Amt><CdtDbtInd>CRDT</CdtDbtInd>{$booked}<BookgDt><Dt>2026-11-02</Dt></BookgDt>
            <AcctSvcrRef>A1</AcctSvcrRef><NtryDtls><TxDtls><Refs><EndToEndId>NOTPROVIDED</EndToEndId></Refs>
            <RltdPties>{$party('Harbour Choir')}</RltdPties>
            <RmtInf><Ustrd>Invoice 78</Ustrd><Ustrd>thank you</Ustrd></RmtInf>
            </TxDtls></NtryDtls></Ntry>
            <Ntry><Amt Ccy="EUR">65.00</Amt><CdtDbtInd>CRDT</CdtDbtInd>{$booked}
            <BookgDt><DtTm>2026-11-03T09:00:00</DtTm></BookgDt>
            <NtryDtls><TxDtls><Refs><EndToEndId>79</EndToEndId></Refs>
            <Amt Ccy="EUR">40.00</Amt><CdtDbtInd>CRDT</CdtDbtInd>
            <RltdPties>{$party('Night Bakery')}</RltdPties></TxDtls>
            <TxDtls><AmtDtls><TxAmt><Amt Ccy="EUR">25.00</Amt></TxAmt></AmtDtls>
            <RltdPties>{$party('Weir &amp; Sons')}</RltdPties>
            <RmtInf><Strd><CdtrRefInf><Ref>RF18 80</Ref></CdtrRefInf></Strd></RmtInf></TxDtls></NtryDtls></Ntry>
            <Ntry><Amt Ccy="EUR">12.50</Amt><CdtDbtInd>DBIT</CdtDbtInd>{$booked}<BookgDt><Dt>2026-11-04</Dt></BookgDt>
            <NtryDtls><TxDtls><RmtInf><Ustrd>Fee</Ustrd></RmtInf></TxDtls></NtryDtls></Ntry>
            <Ntry><Amt Ccy="EUR">99.00</Amt><CdtDbtInd>CRDT</CdtDbtInd>{$pending}
            <BookgDt><Dt>2026-11-04</Dt></BookgDt></Ntry>
            </Stmt></BkToCstmrStmt></Document>
            XML;
    }
}
