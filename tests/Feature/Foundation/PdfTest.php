<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\Foundation\Formats\Pdf;
use App\Foundation\Formats\SeenOrder;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;
use Tests\ReadsPdf;

/**
 * What is printed has its letters in it, of every alphabet, and says what its parts are; seen by readers that are not
 * ours.
 */
final class PdfTest extends FeatureTestCase
{
    private const NAMES = ['Żółć', 'Straße', '山田太郎', 'サンプル', '한국어', 'Ελληνικά', 'Привет', 'ქართული'];

    #[Test]
    public function letters_of_every_alphabet_are_embedded_and_read_back(): void
    {
        $pdf = self::paper(self::NAMES);
        $text = ReadsPdf::text($pdf);
        foreach (self::NAMES as $name) {
            self::assertStringContainsString($name, $text);
        }
        $fonts = (new Process(['pdffonts', '-'], input: $pdf))->mustRun()->getOutput();
        self::assertGreaterThan(2, preg_match_all('/Identity-H\s+(yes) yes yes/', $fonts));
        self::assertSame(0, preg_match('/Identity-H\s+no/', $fonts), $fonts);
        self::assertStringContainsString('AtkinsonHyperlegibleNext', $fonts);
        self::assertStringNotContainsString("\u{FFFD}", $text);
    }

    /** One that only has letters of the own typeface carries no other. */
    #[Test]
    public function no_typeface_is_embedded_that_is_not_used(): void
    {
        $fonts = (new Process(['pdffonts', '-'], input: self::paper(['Żółć & Söhne, 12'])))->mustRun()->getOutput();
        self::assertSame(1, substr_count($fonts, 'Identity-H'), $fonts);
    }

    #[Test]
    public function it_is_sound_and_says_what_its_parts_are(): void
    {
        $pdf = Pdf::sized(210, 297, 'Invoice 1');
        $pdf->page();
        $pdf->text(20, 20, 'Invoice 1', 'H1');
        $pdf->group('Table');
        foreach ([['What', 'Amount'], ['24 polos', '100.00']] as $i => $cells) {
            $pdf->group('TR');
            foreach ($cells as $x => $cell) {
                $pdf->text(20 + 90 * $x, 40 + 8 * $i, $cell, $i === 0 ? 'TH' : 'TD');
            }
            $pdf->endGroup();
        }
        $pdf->endGroup();
        $pdf->line(20, 60, 190, 60);
        $pdf->page();
        $pdf->text(20, 20, 'Second page');
        $bytes = $pdf->bytes();
        $file = (string) tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($file, $bytes);
        (new Process(['qpdf', '--check', $file]))->mustRun();
        unlink($file);
        $told = (new Process(['pdfinfo', '-struct-text', '-'], input: $bytes))->mustRun()->getOutput();
        self::assertSame(
            'Document H1 (block) "Invoice 1" Table (block) TR TH "What" TH "Amount" '
            .'TR TD "24 polos" TD "100.00" P (block) "Second page"',
            trim((string) preg_replace('/\s+/', ' ', $told)),
        );
        $facts = (new Process(['pdfinfo', '-'], input: $bytes))->mustRun()->getOutput();
        self::assertStringContainsString('Tagged:          yes', $facts);
        $meta = (new Process(['pdfinfo', '-meta', '-'], input: $bytes))->mustRun()->getOutput();
        self::assertStringContainsString('<pdfaid:part>3</pdfaid:part>', $meta);
        self::assertStringContainsString('<pdfaid:conformance>A</pdfaid:conformance>', $meta);
    }

    /**
     * By hand from the rules of the annex: capitals stand for Hebrew letters here.
     */
    #[Test]
    #[TestWith(['plain (12)', 'plain (12)'])]
    #[TestWith(['ABC', 'CBA'])]
    #[TestWith(['ABC DEF', 'FED CBA'])]
    #[TestWith(['car ABC DEF, red', 'car FED CBA, red'])]
    #[TestWith(['ABC bells 26 DEF', 'FED bells 26 CBA'])]
    #[TestWith(['ABC 26 DEF', 'FED 26 CBA'])]
    #[TestWith(['a (ABC) b', 'a (CBA) b'])]
    #[TestWith(['ABC (26)', '(26) CBA'])]
    #[TestWith(['26 ABC', 'CBA 26'])]
    public function lines_from_right_to_left_are_seen_as_they_are_read(string $stored, string $seen): void
    {
        $hebrew = static fn(string $text): string => (string) preg_replace_callback(
            '/[A-Z]/',
            static fn(array $letter): string => mb_chr(0x5D0 + ord($letter[0]) - ord('A')),
            $text,
        );
        self::assertSame(
            $hebrew($seen),
            implode('', array_map(static fn(int $one): string => mb_chr($one), SeenOrder::of($hebrew($stored)))),
        );
    }

    /**
     * Seen by another program: it puts letters back into the order they are stored in, and shapes back into letters.
     */
    #[Test]
    public function arabic_is_shaped_between_its_neighbours(): void
    {
        $seen = SeenOrder::of('مرحبا');
        // Initial mim, medial or final forms of what joins, an alif that ends it: Unicode's presentation forms B.
        self::assertSame([0xFE8E, 0xFE92, 0xFEA3, 0xFEAE, 0xFEE3], $seen);
        $text = ReadsPdf::text(self::paper(['مرحبا بالعالم']));
        $plain = (string) preg_replace('/[\x{202A}-\x{202E}\s]+/u', ' ', $text);
        $letters = \Normalizer::normalize($plain, \Normalizer::FORM_KC);
        self::assertStringContainsString('مرحبا بالعالم', (string) $letters);
    }

    /** @param list<string> $lines */
    private static function paper(array $lines): string
    {
        $pdf = Pdf::sized(210, 297, 'Names');
        $pdf->page();
        foreach ($lines as $i => $line) {
            $pdf->text(20, 20 + 10 * $i, $line);
        }

        return $pdf->bytes();
    }
}
