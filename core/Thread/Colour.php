<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** A colour as a screen shows it: sRGB, eight bits a channel. */
final readonly class Colour
{
    private function __construct(public int $red, public int $green, public int $blue) {}

    /** @throws NotAColour when it is not # and six hexadecimal digits */
    public static function ofHex(string $hex): self
    {
        if (preg_match('/^#[0-9a-f]{6}$/iD', $hex) !== 1) {
            throw NotAColour::hex($hex);
        }

        return new self(
            (int) hexdec(substr($hex, 1, 2)),
            (int) hexdec(substr($hex, 3, 2)),
            (int) hexdec(substr($hex, 5, 2)),
        );
    }

    public function hex(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }

    /** By way of linear light and CIE XYZ under D65 (IEC 61966-2-1). */
    public function lab(): Lab
    {
        [$r, $g, $b] = array_map(self::linear(...), [$this->red, $this->green, $this->blue]);
        $x = self::root((0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b) / 0.95047);
        $y = self::root(0.2126729 * $r + 0.7151522 * $g + 0.072175 * $b);
        $z = self::root((0.0193339 * $r + 0.119192 * $g + 0.9503041 * $b) / 1.08883);

        return new Lab(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    public function differenceTo(self $other): float
    {
        return $this->lab()->differenceTo($other->lab());
    }

    private static function linear(int $channel): float
    {
        $c = $channel / 255;

        return $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;
    }

    private static function root(float $t): float
    {
        return $t > (6 / 29) ** 3 ? $t ** (1 / 3) : $t / (3 * (6 / 29) ** 2) + 4 / 29;
    }
}
