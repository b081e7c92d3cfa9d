<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/** Colours as cloth is called in orders, with how each is drawn: ordinary words, no house's card. */
enum ClothColour: string
{
    case Black = 'black';
    case Charcoal = 'charcoal';
    case Grey = 'grey';
    case Slate = 'slate';
    case Silver = 'silver';
    case White = 'white';
    case Ivory = 'ivory';
    case Cream = 'cream';
    case Ecru = 'ecru';
    case Natural = 'natural';
    case Oatmeal = 'oatmeal';
    case Sand = 'sand';
    case Beige = 'beige';
    case Khaki = 'khaki';
    case Stone = 'stone';
    case Tan = 'tan';
    case Brown = 'brown';
    case Chocolate = 'chocolate';
    case Rust = 'rust';
    case Orange = 'orange';
    case Peach = 'peach';
    case Gold = 'gold';
    case Mustard = 'mustard';
    case Yellow = 'yellow';
    case Lime = 'lime';
    case Green = 'green';
    case Bottle = 'bottle_green';
    case Forest = 'forest_green';
    case Olive = 'olive';
    case Moss = 'moss';
    case Sage = 'sage';
    case Mint = 'mint';
    case Teal = 'teal';
    case Turquoise = 'turquoise';
    case Sky = 'sky_blue';
    case Blue = 'blue';
    case Royal = 'royal_blue';
    case Denim = 'denim';
    case Navy = 'navy';
    case Purple = 'purple';
    case Plum = 'plum';
    case Lilac = 'lilac';
    case Pink = 'pink';
    case Rose = 'rose';
    case Fuchsia = 'fuchsia';
    case Red = 'red';
    case Wine = 'wine';
    case Burgundy = 'burgundy';
    case Coral = 'coral';

    private const DARKER = 0.62;
    private const LIGHTER = 0.48;

    public function label(): Text
    {
        return new Text("garment.cloth_colour.{$this->value}");
    }

    public function hex(): string
    {
        return match ($this) {
            self::Black => '#1c1c1f',
            self::Charcoal => '#3b3e44',
            self::Grey => '#8a8d91',
            self::Slate => '#55606e',
            self::Silver => '#c3c6c9',
            self::White => '#f7f6f2',
            self::Ivory => '#f3ecd9',
            self::Cream => '#efe6cf',
            self::Ecru => '#e6dcc3',
            self::Natural => '#d9c9a3',
            self::Oatmeal => '#ddd2bb',
            self::Sand => '#d3bd93',
            self::Beige => '#cdb998',
            self::Khaki => '#a0916a',
            self::Stone => '#b3a78f',
            self::Tan => '#b58a5a',
            self::Brown => '#6b4a32',
            self::Chocolate => '#45301f',
            self::Rust => '#8f4a2f',
            self::Orange => '#e0762a',
            self::Peach => '#f0b694',
            self::Gold => '#d6a633',
            self::Mustard => '#c1932b',
            self::Yellow => '#f0cf3c',
            self::Lime => '#a9c53f',
            self::Green => '#3d8048',
            self::Bottle => '#1e4436',
            self::Forest => '#2b4f33',
            self::Olive => '#6b6a38',
            self::Moss => '#5d6b45',
            self::Sage => '#a9b79a',
            self::Mint => '#b5dcc6',
            self::Teal => '#2f6a6a',
            self::Turquoise => '#3aa6a6',
            self::Sky => '#9cc3e0',
            self::Blue => '#2f5ea8',
            self::Royal => '#27479b',
            self::Denim => '#4a607e',
            self::Navy => '#26324f',
            self::Purple => '#5f3f83',
            self::Plum => '#5a2a55',
            self::Lilac => '#b7a1cf',
            self::Pink => '#e9a9bd',
            self::Rose => '#cf7a8d',
            self::Fuchsia => '#c2317f',
            self::Red => '#b32a2e',
            self::Wine => '#6a2231',
            self::Burgundy => '#5b1f2b',
            self::Coral => '#e07662',
        };
    }

    /**
     * How a colour is drawn that is called so: by the longest name that stands in it, darker or lighter where it is called
     * that.
     *
     * @param array<string, string> $names  small letters without marks => hex
     * @param list<string>          $darker words for it
     * @param list<string>          $lighter
     *
     * @return string|null null where none of the names stands in it
     */
    public static function read(string $called, array $names, array $darker, array $lighter): ?string
    {
        if (isset($names[$called])) {
            return $names[$called];
        }
        $words = " {$called} ";
        $best = '';
        foreach (array_keys($names) as $name) {
            if (strlen($name) > strlen($best) && str_contains($words, " {$name} ")) {
                $best = $name;
            }
        }
        if ($best === '') {
            return null;
        }
        $beside = explode(' ', trim(str_replace(" {$best} ", ' ', $words)));

        return match (true) {
            array_intersect($beside, $darker) !== [] => self::mixed($names[$best], 0, self::DARKER),
            array_intersect($beside, $lighter) !== [] => self::mixed($names[$best], 255, 1 - self::LIGHTER),
            default => $names[$best],
        };
    }

    /** So much of a colour, the rest black (0) or white (255). */
    private static function mixed(string $hex, int $with, float $share): string
    {
        return '#'.implode('', array_map(
            static fn(string $part): string => sprintf('%02x', (int) round($share * hexdec($part) + (1 - $share) * $with)),
            str_split(substr($hex, 1), 2),
        ));
    }
}
