<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use Dompdf\Cpdf;
use FontLib\Font;
use FontLib\TrueType\File;
use Normalizer;
use RuntimeException;

/**
 * Which letters of a text are set in which typeface: the program's own where it has them, another for other
 * alphabets, a third
 * for Chinese, Japanese and Korean. Arabic and Hebrew come out shaped and in the order they are seen in.
 */
final readonly class Typefaces
{
    private const OWN = ['atkinson', 'atkinson-bold'];
    private const HAN = 'han';
    private const OTHER = ['DejaVuSans', 'DejaVuSans-Bold'];
    /** For what no typeface has. */
    private const UNKNOWN = 0xFFFD;
    private const SPACE = 0x20;

    public function __construct(private Cpdf $pdf) {}

    /** @return list<array{face: string, text: string}> from left to right, as seen */
    public function runs(string $text, bool $bold): array
    {
        $runs = [];
        [$last, $set] = [null, ''];
        // Accents as one letter with what they stand on: so the typefaces have them.
        $whole = (string) Normalizer::normalize(mb_scrub($text), Normalizer::FORM_C);
        foreach (SeenOrder::of($whole) as $letter) {
            [$face, $letter] = $this->has($letter, $bold, $last);
            if ($last !== null && $face !== $last) {
                $runs[] = ['face' => $last, 'text' => $set];
                $set = '';
            }
            $last = $face;
            $set .= mb_chr($letter);
        }
        if ($last !== null) {
            $runs[] = ['face' => $last, 'text' => $set];
        }

        return $runs;
    }

    /**
     * @param string|null $last the typeface of the letter before it: a space goes on in it
     *
     * @return array{string, int}
     */
    private function has(int $letter, bool $bold, ?string $last): array
    {
        if ($letter === self::SPACE && $last !== null) {
            return [$last, $letter];
        }
        foreach ([self::OWN[(int) $bold], self::OTHER[(int) $bold], self::HAN] as $face) {
            $file = self::file($face);
            if ($this->covers($file, $letter)) {
                return [$file, $letter];
            }
        }

        return [self::file(self::OTHER[(int) $bold]), self::UNKNOWN];
    }

    private function covers(string $file, int $letter): bool
    {
        if (! isset($this->pdf->fonts[$file])) {
            $this->pdf->selectFont($file);
        }
        $font = $this->pdf->fonts[$file] ?? null;

        return is_array($font) && is_array($font['C'] ?? null) && isset($font['C'][$letter]);
    }

    /** Where a typeface lies with its measures beside it, without the ending; measured when it is first asked for. */
    private static function file(string $face): string
    {
        static $files = [];
        assert(is_array($files));
        if (is_string($files[$face] ?? null)) {
            return $files[$face];
        }
        $file = in_array($face, self::OTHER, true)
            ? dirname((string) (new \ReflectionClass(Cpdf::class))->getFileName())."/fonts/{$face}"
            : self::measured($face);

        return $files[$face] = $file;
    }

    private static function measured(string $face): string
    {
        $from = resource_path("fonts/{$face}.ttf");
        $kept = self::kept()."/{$face}-".filesize($from);
        if (! is_file("{$kept}.ufm")) {
            // Two may be at it at once: each measures on its own, the last one in stays, and they are the same.
            $mine = (string) tempnam(self::kept(), $face);
            $font = Font::load($from);
            if (! $font instanceof File) {
                throw new RuntimeException("no typeface: {$from}");
            }
            $font->parse();
            $font->saveAdobeFontMetrics($mine);
            $font->close();
            copy($from, "{$mine}.ttf");
            rename("{$mine}.ttf", "{$kept}.ttf");
            rename($mine, "{$kept}.ufm");
        }

        return $kept;
    }

    public static function kept(): string
    {
        $kept = storage_path('framework/fonts');
        is_dir($kept) || @mkdir($kept, 0700, true);

        return $kept;
    }
}
