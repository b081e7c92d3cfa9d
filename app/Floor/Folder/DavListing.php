<?php

declare(strict_types=1);

namespace App\Floor\Folder;

use Carbon\CarbonImmutable;
use DOMDocument;
use DOMElement;
use Illuminate\Http\Response;
use XMLWriter;

/** What is asked of a folder and its files by PROPFIND (RFC 4918, 9.1), told as multistatus. */
final readonly class DavListing
{
    private const DAV = 'DAV:';
    private const MOST_ASKED = 10_000;

    /**
     * @param string $root  where the folder lies
     * @param list<array{name: string, bytes: int, sign: string, type: string, at: CarbonImmutable}> $files
     */
    public function __construct(private string $root, private array $files) {}

    /**
     * @param string $name  of the file that is asked about; '' for the folder
     * @param string $depth 0 for it alone; anything else is all there is, as no folder lies in it
     */
    public function answer(string $name, string $depth, string $body): Response
    {
        $asked = self::asked($body);
        if ($asked === null) {
            return new Response('', 400);
        }
        $files = array_values(array_filter(
            $this->files,
            static fn(array $one): bool => $name === '' ? $depth !== '0' : $one['name'] === $name,
        ));
        if ($name !== '' && $files === []) {
            return new Response('', 404);
        }
        $xml = new XMLWriter();
        $xml->openMemory();
        $xml->startDocument('1.0', 'utf-8');
        $xml->startElementNs('d', 'multistatus', self::DAV);
        if ($name === '') {
            $this->one($xml, "{$this->root}/", $asked, ['resourcetype' => '', 'displayname' => 'folder']);
        }
        foreach ($files as $file) {
            $this->one($xml, "{$this->root}/{$file['name']}", $asked, [
                'resourcetype' => '',
                'displayname' => $file['name'],
                'getcontentlength' => (string) $file['bytes'],
                'getcontenttype' => $file['type'],
                'getetag' => "\"{$file['sign']}\"",
                'getlastmodified' => $file['at']->utc()->format('D, d M Y H:i:s \G\M\T'),
            ]);
        }
        $xml->endElement();

        return (new Response($xml->outputMemory(), 207))->header('Content-Type', 'application/xml;charset=utf-8');
    }

    /**
     * @param list<array{string, string}> $asked
     * @param array<string, string>       $has
     */
    private function one(XMLWriter $xml, string $address, array $asked, array $has): void
    {
        $xml->startElementNs('d', 'response', null);
        $xml->writeElementNs('d', 'href', null, $address);
        if ($asked === []) {
            $asked = array_map(static fn(string $one): array => [self::DAV, $one], array_keys($has));
        }
        $known = static fn(array $one): bool => $one[0] === self::DAV && isset($has[$one[1]]);
        foreach ([
            Response::HTTP_OK => array_filter($asked, $known),
            Response::HTTP_NOT_FOUND => array_filter($asked, static fn(array $one): bool => ! $known($one)),
        ] as $status => $of) {
            if ($of === []) {
                continue;
            }
            $xml->startElementNs('d', 'propstat', null);
            $xml->startElementNs('d', 'prop', null);
            foreach ($of as $one) {
                $this->property($xml, $one, $known($one) ? $has[$one[1]] : '', str_ends_with($address, '/'));
            }
            $xml->endElement();
            $said = sprintf('HTTP/1.1 %d %s', $status, Response::$statusTexts[$status]);
            $xml->writeElementNs('d', 'status', null, $said);
            $xml->endElement();
        }
        $xml->endElement();
    }

    /** @param array{string, string} $which name space, name */
    private function property(XMLWriter $xml, array $which, string $value, bool $isFolder): void
    {
        [$space, $name] = $which;
        $space === self::DAV ? $xml->startElementNs('d', $name, null) : $xml->startElementNs(null, $name, $space);
        if ($which === [self::DAV, 'resourcetype'] && $isFolder) {
            $xml->writeElementNs('d', 'collection', null);
        }
        $xml->text($value);
        $xml->endElement();
    }

    /** @return list<array{string, string}>|null name space and name of what is asked for; none for all; null for no XML */
    private static function asked(string $body): ?array
    {
        if ($body === '') {
            return [];
        }
        $document = new DOMDocument();
        // No entity is looked up, none is put in: what is asked for is short.
        if (strlen($body) > self::MOST_ASKED || ! @$document->loadXML($body, LIBXML_NONET)) {
            return null;
        }
        $asked = [];
        foreach ($document->getElementsByTagNameNS(self::DAV, 'prop') as $prop) {
            foreach ($prop->childNodes as $one) {
                if ($one instanceof DOMElement) {
                    $asked[] = [(string) $one->namespaceURI, (string) $one->localName];
                }
            }
        }

        return $asked;
    }
}
