<?php

declare(strict_types=1);

namespace Hakama\Money\Bill;

use Hakama\Money\Amount;
use XMLWriter;

/**
 * The elements of a bill as they are written in either syntax: what is empty is left out, what XML has no sign for too.
 */
final readonly class BillXml
{
    /**
     * Codes of UNTDID 1001 and 4461, of UN/ECE 20 for one piece, and of an electronic address that is one of e-mail.
     */
    public const INVOICE = '380';
    public const CREDIT = '381';
    public const CREDIT_TRANSFER = '30';
    public const NOT_SAID = '1';
    public const BY_MAIL = 'EM';
    public const PIECE = 'C62';
    public const SCHEME = 'VAT';
    private const NO_SIGN = '/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u';

    private XMLWriter $xml;

    /** @param array<string, string> $spaces of names, by prefix; none for its own */
    public function __construct(string $root, array $spaces)
    {
        $this->xml = new XMLWriter();
        $this->xml->openMemory();
        $this->xml->startDocument('1.0', 'UTF-8');
        $this->xml->setIndent(true);
        $this->xml->startElement($root);
        foreach ($spaces as $prefix => $uri) {
            $this->xml->writeAttribute($prefix === '' ? 'xmlns' : "xmlns:{$prefix}", $uri);
        }
    }

    public function written(): string
    {
        $this->xml->endElement();
        $this->xml->endDocument();

        return $this->xml->outputMemory();
    }

    /** @param array<string, string> $with attributes */
    public function say(string $name, string $value, array $with = []): void
    {
        if ($value === '') {
            return;
        }
        $this->xml->startElement($name);
        foreach ($with as $attribute => $of) {
            $this->xml->writeAttribute($attribute, $of);
        }
        $this->xml->text((string) preg_replace(self::NO_SIGN, '', $value));
        $this->xml->endElement();
    }

    public function amount(string $name, int $cents, ?string $currency = null): void
    {
        $this->say($name, Amount::plain($cents), $currency === null ? [] : ['currencyID' => $currency]);
    }

    /** @param callable(): mixed $what */
    public function within(string $name, bool $isThere, callable $what): void
    {
        if ($isThere) {
            $this->xml->startElement($name);
            $what();
            $this->xml->endElement();
        }
    }
}
