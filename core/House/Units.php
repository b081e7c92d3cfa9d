<?php

declare(strict_types=1);

namespace Hakama\House;

/** In what lengths are said and typed where a tape measure is laid on. Both are said; this one comes first. */
enum Units: string
{
    case Millimetres = 'mm';
    case Inches = 'inch';

    private const MM_IN = 25.4;

    public static function of(HouseRules $house): self
    {
        return self::from($house->school(Question::Units));
    }

    /** "200 mm (7 7/8 in)", or the other way round. */
    public function length(float $mm): string
    {
        return $this === self::Millimetres
            ? sprintf('%.0f mm (%s)', $mm, Inches::of($mm))
            : sprintf('%s (%.0f mm)', Inches::of($mm), $mm);
    }

    /** As it stands in a drawing or a table: "22.6", or decimals of an inch, "0.89". */
    public function figure(float $mm, int $digits = 0): string
    {
        return number_format(
            $this === self::Millimetres ? $mm : $mm / self::MM_IN,
            $this === self::Millimetres ? $digits : 2,
            '.',
            '',
        );
    }

    /** What a machine or a drawing says, not a tape: "22.6 mm", "0.89 in". */
    public function said(float $mm, int $digits = 0): string
    {
        return "{$this->figure($mm, $digits)} {$this->label()}";
    }

    /** Width and height: "240 × 146 mm". */
    public function size(float $widthMm, float $heightMm, int $digits = 0): string
    {
        return "{$this->figure($widthMm, $digits)} × {$this->said($heightMm, $digits)}";
    }

    /** As it stands in a field: "200", "7 7/8". */
    public function field(float $mm): string
    {
        return $this === self::Millimetres ? sprintf('%.0f', $mm) : str_replace(' in', '', Inches::of($mm));
    }

    public function label(): string
    {
        return $this === self::Millimetres ? 'mm' : 'in';
    }

    /**
     * What somebody typed, in millimetres: "200", "7 7/8", "7.875 in", "−12 mm"; a number alone is in these units. Null
     * where it is none.
     */
    public function read(string $typed): ?float
    {
        $typed = str_replace([',', '−', '″', '"'], ['.', '-', ' in', ' in'], trim($typed));
        $fits = preg_match(
            '~^-?\s*(\d+(?:\.\d+)?)?(?:\s*(?<=^|\s|-)(\d+)/([1-9]\d*))?\s*(mm|in)?$~',
            $typed,
            $part,
            PREG_UNMATCHED_AS_NULL,
        );
        if ($fits !== 1) {
            return null;
        }
        [, $whole, $over, $parts, $unit] = $part;
        if ($whole === null && $over === null) {
            return null;
        }
        $figure = (float) $whole + ($over === null ? 0.0 : (float) $over / (float) $parts);
        $isInches = $unit === 'in' || ($unit === null && $this === self::Inches);

        return (str_starts_with($typed, '-') ? -1 : 1) * $figure * ($isInches ? self::MM_IN : 1.0);
    }
}
