<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use App\Foundation\Words\Languages;

/**
 * A paper to print, PDF/A-3: lines, areas and words at their real size. Measured in mm from the upper left corner,
 * words by
 * the left end of their base line; greys from 0, black, to 255. Letters are embedded, of any language a typeface has.
 */
final class Pdf
{
    private const POINTS = 72 / 25.4;
    private readonly TaggedPdf $pdf;
    private readonly Typefaces $faces;
    private bool $isBlank = true;
    private float $size = 10.0;
    private bool $isBold = false;
    /** The file that is put inside, until it is. */
    private ?string $inside = null;

    private function __construct(float $widthMm, private readonly float $heightMm, string $title)
    {
        $this->pdf = new TaggedPdf(
            [0, 0, $widthMm * self::POINTS, $heightMm * self::POINTS],
            true,
            Typefaces::kept(),
            sys_get_temp_dir(),
        );
        $this->pdf->enablePdfACompliance();
        $this->pdf->speaks(Languages::now());
        $this->pdf->addInfo('Title', $title);
        $this->faces = new Typefaces($this->pdf);
    }

    public static function sized(float $widthMm, float $heightMm, string $title): self
    {
        return new self($widthMm, $heightMm, $title);
    }

    /** Goes on to the next page; the first is there from the beginning. */
    public function page(): void
    {
        $this->isBlank ? ($this->isBlank = false) : $this->pdf->newPage();
    }

    public function font(float $points, bool $bold = false): void
    {
        $this->size = $points;
        $this->isBold = $bold;
    }

    /**
     * @param string $as what it is to who has it read out: H1, P, TH, TD
     */
    public function text(float $x, float $y, string $text, string $as = 'P'): void
    {
        $this->pdf->mark($as, SeenOrder::turns($text) ? $text : '');
        $this->pdf->setColor([0, 0, 0]);
        $at = $x * self::POINTS;
        foreach ($this->faces->runs($text, $this->isBold) as $run) {
            $this->pdf->selectFont($run['face']);
            $this->pdf->addText($at, $this->up($y), $this->size, $run['text']);
            $at += $this->pdf->getTextWidth($this->size, $run['text']);
        }
        $this->pdf->endMark();
    }

    /** Ends at x. */
    public function textTo(float $x, float $y, string $text, string $as = 'P'): void
    {
        $this->text($x - $this->widthOf($text), $y, $text, $as);
    }

    public function widthOf(string $text): float
    {
        $wide = 0.0;
        foreach ($this->faces->runs($text, $this->isBold) as $run) {
            $this->pdf->selectFont($run['face']);
            $wide += $this->pdf->getTextWidth($this->size, $run['text']);
        }

        return $wide / self::POINTS;
    }

    /** @return non-empty-list<string> broken between words; a word that is wider stands alone */
    public function wrapped(string $text, float $widthMm): array
    {
        $lines = [''];
        foreach (explode(' ', $text) as $word) {
            $last = count($lines) - 1;
            $longer = ltrim("{$lines[$last]} {$word}");
            if ($lines[$last] === '' || $this->widthOf($longer) <= $widthMm) {
                $lines[$last] = $longer;
            } else {
                $lines[] = $word;
            }
        }

        return $lines;
    }

    /** A table, or a row of one, until `endGroup`: who has it read out hears rows and columns. */
    public function group(string $tag): void
    {
        $this->pdf->group($tag);
    }

    public function endGroup(): void
    {
        $this->pdf->endGroup();
    }

    /** How lines are drawn from here on. */
    public function pen(int $grey, float $widthMm): void
    {
        $this->pdf->setStrokeColor(self::grey($grey));
        $this->pdf->setLineStyle($widthMm * self::POINTS, 'butt', 'miter');
    }

    public function line(float $fromX, float $fromY, float $toX, float $toY): void
    {
        $this->pdf->decoration();
        $this->pdf->line($fromX * self::POINTS, $this->up($fromY), $toX * self::POINTS, $this->up($toY));
        $this->pdf->endMark();
    }

    public function rectangle(float $x, float $y, float $width, float $height): void
    {
        $this->pdf->decoration();
        $this->pdf->rectangle(
            $x * self::POINTS,
            $this->up($y + $height),
            $width * self::POINTS,
            $height * self::POINTS,
        );
        $this->pdf->endMark();
    }

    public function area(float $x, float $y, float $width, float $height, int $grey = 0): void
    {
        $this->pdf->decoration();
        $this->pdf->setColor(self::grey($grey));
        $this->pdf->filledRectangle(
            $x * self::POINTS,
            $this->up($y + $height),
            $width * self::POINTS,
            $height * self::POINTS,
        );
        $this->pdf->endMark();
    }

    public function disc(float $x, float $y, float $radius, int $grey): void
    {
        $this->pdf->decoration();
        $this->pdf->setColor(self::grey($grey));
        $this->pdf->filledEllipse($x * self::POINTS, $this->up($y), $radius * self::POINTS);
        $this->pdf->endMark();
    }

    /** What is drawn shows within a rectangle only, until `unclip`. */
    public function clip(float $x, float $y, float $width, float $height): void
    {
        $this->pdf->clippingRectangle(
            $x * self::POINTS,
            $this->up($y + $height),
            $width * self::POINTS,
            $height * self::POINTS,
        );
    }

    public function unclip(): void
    {
        $this->pdf->clippingEnd();
    }

    /**
     * A file that lies inside, saying what the paper says for a program to read.
     *
     * @param string $described its entry in the document's XMP metadata
     */
    public function attach(string $name, string $bytes, string $type, string $described): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'inside');
        file_put_contents($file, $bytes);
        $this->inside = $file;
        $this->pdf->addEmbeddedFile($file, $name, $name, $type, [$this->pdf->catalogId => 'Alternative']);
        $this->pdf->setAdditionalXmpRdf($described);
    }

    public function bytes(): string
    {
        try {
            return $this->pdf->output();
        } finally {
            $this->inside === null || @unlink($this->inside);
        }
    }

    private function up(float $y): float
    {
        return ($this->heightMm - $y) * self::POINTS;
    }

    /** @return array{float, float, float} */
    private static function grey(int $grey): array
    {
        return [$grey / 255, $grey / 255, $grey / 255];
    }
}
