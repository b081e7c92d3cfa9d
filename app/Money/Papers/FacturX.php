<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Foundation\Formats\Pdf;
use Hakama\Money\Bill\Bill;
use Hakama\Money\Bill\CiiWriter;

/**
 * Puts an invoice as a file into its own paper, under the name and with the words of Factur-X 1.0, profile EN 16931.
 */
final class FacturX
{
    public const FILE = 'factur-x.xml';
    private const NAMESPACE = 'urn:factur-x:pdfa:CrossIndustryDocument:invoice:1p0#';
    private const PROPERTIES = [
        'DocumentType' => 'INVOICE',
        'DocumentFileName' => self::FILE,
        'Version' => '1.0',
        'ConformanceLevel' => 'EN 16931',
    ];

    public static function into(Pdf $pdf, Bill $bill): void
    {
        $pdf->attach(self::FILE, CiiWriter::write($bill), 'text/xml', self::described());
    }

    /** What PDF/A wants said of metadata that it does not know itself, and then that metadata. */
    private static function described(): string
    {
        $namespace = self::NAMESPACE;
        [$said, $schema] = ['', ''];
        foreach (self::PROPERTIES as $name => $value) {
            $said .= "<fx:{$name}>{$value}</fx:{$name}>";
            $schema .= '<rdf:li rdf:parseType="Resource"><pdfaProperty:name>'.$name.'</pdfaProperty:name>'
                .'<pdfaProperty:valueType>Text</pdfaProperty:valueType><pdfaProperty:category>external</pdfaProperty:category>'
                ."<pdfaProperty:description>{$name}</pdfaProperty:description></rdf:li>";
        }
        $aiim = 'http://www.aiim.org/pdfa/ns';

        return <<<XMP
            <rdf:Description rdf:about="" xmlns:fx="{$namespace}">{$said}</rdf:Description>
            <rdf:Description rdf:about="" xmlns:pdfaExtension="{$aiim}/extension/" xmlns:pdfaSchema="{$aiim}/schema#" xmlns:pdfaProperty="{$aiim}/property#">
            <pdfaExtension:schemas><rdf:Bag><rdf:li rdf:parseType="Resource"><pdfaSchema:schema>Factur-X PDFA Extension Schema</pdfaSchema:schema>
            <pdfaSchema:namespaceURI>{$namespace}</pdfaSchema:namespaceURI><pdfaSchema:prefix>fx</pdfaSchema:prefix>
            <pdfaSchema:property><rdf:Seq>{$schema}</rdf:Seq></pdfaSchema:property></rdf:li></rdf:Bag></pdfaExtension:schemas></rdf:Description>
            XMP;
    }
}
