<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use Dompdf\Cpdf;

/**
 * A paper to print: lines, areas and words at their real size. Measured in mm from the upper left corner, words by the
 * left end of their base line; greys from 0, black, to 255. Letters are embedded, of any language the font has.
 */
final class Pdf
{
    private const POINTS = 72 / 25.4;
    private const FONT = 'DejaVuSans';
    /** Its letters are large for their size: so much smaller it takes the room that others do. */
    private const SCALE = 0.88;
    private readonly Cpdf $pdf;
    private bool $isBlank = true;
    private float $size;

    private function __construct(float $widthMm, private readonly float $heightMm, string $title)
    {
        $kept = storage_path('framework/fonts');
        is_dir($kept) || @mkdir($kept, 0700, true);
        $this->pdf = new Cpdf([0, 0, $widthMm * self::POINTS, $heightMm * self::POINTS], true, $kept, sys_get_temp_dir());
        $this->pdf->addInfo('Title', $title);
        $this->font(10.0);
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
        $this->size = self::SCALE * $points;
        $this->pdf->selectFont(
            dirname((string) (new \ReflectionClass(Cpdf::class))->getFileName()).'/fonts/'.self::FONT.($bold ? '-Bold' : ''),
        );
    }

    public function text(float $x, float $y, string $text): void
    {
        $this->pdf->setColor([0, 0, 0]);
        $this->pdf->addText($x * self::POINTS, $this->up($y), $this->size, $text);
    }

    /** Ends at x. */
    public function textTo(float $x, float $y, string $text): void
    {
        $this->text($x - $this->widthOf($text), $y, $text);
    }

    public function widthOf(string $text): float
    {
        return $this->pdf->getTextWidth($this->size, $text) / self::POINTS;
    }

    /** How lines are drawn from here on. */
    public function pen(int $grey, float $widthMm): void
    {
        $this->pdf->setStrokeColor(self::grey($grey));
        $this->pdf->setLineStyle($widthMm * self::POINTS, 'butt', 'miter');
    }

    public function line(float $fromX, float $fromY, float $toX, float $toY): void
    {
        $this->pdf->line($fromX * self::POINTS, $this->up($fromY), $toX * self::POINTS, $this->up($toY));
    }

    public function rectangle(float $x, float $y, float $width, float $height): void
    {
        $this->pdf->rectangle(
            $x * self::POINTS,
            $this->up($y + $height),
            $width * self::POINTS,
            $height * self::POINTS,
        );
    }

    public function area(float $x, float $y, float $width, float $height, int $grey = 0): void
    {
        $this->pdf->setColor(self::grey($grey));
        $this->pdf->filledRectangle(
            $x * self::POINTS,
            $this->up($y + $height),
            $width * self::POINTS,
            $height * self::POINTS,
        );
    }

    public function disc(float $x, float $y, float $radius, int $grey): void
    {
        $this->pdf->setColor(self::grey($grey));
        $this->pdf->filledEllipse($x * self::POINTS, $this->up($y), $radius * self::POINTS);
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

    public function bytes(): string
    {
        return $this->pdf->output();
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
