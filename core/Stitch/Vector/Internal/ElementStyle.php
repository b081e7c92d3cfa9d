<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector\Internal;

/**
 * What an element hands on to those inside it: where they lie, and in which colour they are sewn.
 *
 * @internal
 */
final readonly class ElementStyle
{
    /** One unit of length in millimetres; what has no unit is a pixel, of which the norm has 96 to the inch. */
    private const UNITS = [
        '' => 25.4 / 96,
        'mm' => 1.0,
        'cm' => 10.0,
        'in' => 25.4,
        'pt' => 25.4 / 72,
        'pc' => 25.4 / 6,
        'px' => 25.4 / 96,
    ];

    /** The sixteen first names for colours on the web. */
    private const NAMES = [
        'black' => '#000000',
        'silver' => '#c0c0c0',
        'gray' => '#808080',
        'white' => '#ffffff',
        'maroon' => '#800000',
        'red' => '#ff0000',
        'purple' => '#800080',
        'fuchsia' => '#ff00ff',
        'green' => '#008000',
        'lime' => '#00ff00',
        'olive' => '#808000',
        'yellow' => '#ffff00',
        'navy' => '#000080',
        'blue' => '#0000ff',
        'teal' => '#008080',
        'aqua' => '#00ffff',
    ];

    private function __construct(
        public Affine $affine,
        public ?string $stroke,
        public ?string $fill,
        public bool $hidden,
    ) {}

    /** @param array<string, string> $attributes */
    public static function ofRoot(array $attributes): self
    {
        $scale = $originX = $originY = null;
        $box = preg_split('/[\s,]+/', trim($attributes['viewBox'] ?? ''));
        if (
            is_array($box)
            && count($box) === 4
            && array_filter($box, is_numeric(...)) === $box
            && (float) $box[2] > 0
            && (float) $box[3] > 0
        ) {
            [$originX, $originY] = [(float) $box[0], (float) $box[1]];
            $widthMm = self::lengthMm($attributes['width'] ?? '');
            $heightMm = self::lengthMm($attributes['height'] ?? '');
            $scale = match (true) {
                $widthMm !== null && $heightMm !== null => min(
                    $widthMm / (float) $box[2],
                    $heightMm / (float) $box[3],
                ),
                $widthMm !== null => $widthMm / (float) $box[2],
                $heightMm !== null => $heightMm / (float) $box[3],
                default => self::UNITS[''],
            };
        }
        $scale ??= self::UNITS[''];
        // Drawings grow downwards, stitches upwards.
        $affine = new Affine($scale, 0, 0, -$scale, -($originX ?? 0.0) * $scale, ($originY ?? 0.0) * $scale);

        return (new self($affine, null, null, false))->inside(array_diff_key($attributes, ['transform' => 0]));
    }

    /** @param array<string, string> $attributes of an element inside this one */
    public function inside(array $attributes): self
    {
        $given = $attributes;
        foreach (explode(';', $attributes['style'] ?? '') as $rule) {
            [$name, $value] = [...explode(':', $rule, 2), ''];
            if (trim($name) !== '') {
                $given[strtolower(trim($name))] = trim($value);
            }
        }
        $affine = isset($attributes['transform'])
            ? $this->affine->of(Affine::parse($attributes['transform']))
            : $this->affine;

        return new self(
            $affine,
            array_key_exists('stroke', $given) ? self::colour($given['stroke'], $this->stroke) : $this->stroke,
            array_key_exists('fill', $given) ? self::colour($given['fill'], $this->fill) : $this->fill,
            $this->hidden || ($given['display'] ?? '') === 'none' || ($given['visibility'] ?? '') === 'hidden',
        );
    }

    /**
     * Whether a drawing says how large it is, or leaves it to the norm.
     *
     * @param array<string, string> $attributes of its root
     */
    public static function saysItsSize(array $attributes): bool
    {
        return array_filter(
            [$attributes['width'] ?? '', $attributes['height'] ?? ''],
            static fn(string $length): bool => preg_match('/[a-z]\s*$/', $length) === 1 && self::lengthMm($length) !== null,
        ) !== [];
    }

    /** Whether it has an area in a colour, of which only the edge can be sewn. */
    public function isFilled(): bool
    {
        return $this->fill === null ? $this->stroke === null || $this->stroke === 'none' : $this->fill !== 'none';
    }

    public function asHidden(): self
    {
        return new self($this->affine, $this->stroke, $this->fill, true);
    }

    /** The line's colour, else the area's; black when neither is said; null when both are none. */
    public function sewnIn(): ?string
    {
        $said = array_filter([$this->stroke, $this->fill], static fn(?string $colour): bool => $colour !== null);
        $seen = array_values(array_filter($said, static fn(string $colour): bool => $colour !== 'none'));

        return $seen[0] ?? ($said === [] || ($this->fill === null && $this->stroke === 'none') ? '#000000' : null);
    }

    private static function colour(string $given, ?string $outer): ?string
    {
        $given = strtolower(trim($given));
        if (preg_match('/^#([0-9a-f])([0-9a-f])([0-9a-f])$/', $given, $short) === 1) {
            return "#{$short[1]}{$short[1]}{$short[2]}{$short[2]}{$short[3]}{$short[3]}";
        }
        if (preg_match('/^rgb\(\s*(\d{1,3})[\s,]+(\d{1,3})[\s,]+(\d{1,3})\s*\)$/', $given, $rgb) === 1) {
            return sprintf(
                '#%02x%02x%02x',
                min(255, (int) $rgb[1]),
                min(255, (int) $rgb[2]),
                min(255, (int) $rgb[3]),
            );
        }

        return match (true) {
            preg_match('/^#[0-9a-f]{6}$/', $given) === 1 => $given,
            $given === 'none' || $given === 'transparent' => 'none',
            $given === 'inherit' || $given === '' => $outer,
            // Any other name or a gradient: it is a line all the same, and a person chooses the thread.
            default => self::NAMES[$given] ?? '#000000',
        };
    }

    private static function lengthMm(string $given): ?float
    {
        return preg_match('/^\s*(\d+(?:\.\d+)?|\.\d+)\s*([a-z]{0,2})\s*$/', $given, $found) === 1
            && isset(self::UNITS[$found[2]])
            && (float) $found[1] > 0
            ? (float) $found[1] * self::UNITS[$found[2]]
            : null;
    }
}
