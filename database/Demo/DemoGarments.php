<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Artwork\Models\Artwork;
use App\Orders\TypedLine;
use App\Shop\Catalogue\Catalogue;
use LogicException;

/** What is sewn on in Ullenmere, as in the catalogue, and lines of orders as somebody would type them. */
final class DemoGarments
{
    public const POLO = ['garment' => 'polo', 'fabric' => 'pique', 'style' => 'Landing'];
    public const CAP = [
        'garment' => 'cap',
        'fabric' => 'twill',
        'structure' => 'structured',
        'profile' => 'mid',
        'style' => 'Quayside',
    ];
    public const HIGH_CAP = ['profile' => 'high'] + self::CAP;
    public const JACKET = ['garment' => 'jacket', 'fabric' => 'canvas', 'style' => 'Storm'];
    public const APRON = ['garment' => 'apron', 'fabric' => 'canvas', 'style' => 'Oven'];
    public const BAG = ['garment' => 'bag', 'fabric' => 'canvas', 'style' => 'Market'];
    public const HOODIE = ['garment' => 'hoodie', 'fabric' => 'fleece', 'style' => 'Deckhand'];
    public const TEE = ['garment' => 'tee', 'fabric' => 'jersey', 'style' => 'Furrow'];
    public const TOWEL = ['garment' => 'towel', 'fabric' => 'plush', 'style' => 'Lakeside'];
    public const BLANKET = ['garment' => 'blanket', 'fabric' => 'plush', 'style' => 'Picnic'];
    public const TROUSERS = ['garment' => 'trousers', 'fabric' => 'canvas', 'style' => 'Portage'];
    public const BADGE = ['garment' => 'patch', 'fabric' => 'felt', 'patch_back' => 'ironed_on'];
    private const COLOURS = [
        'cream' => '#efe6cf',
        'ecru' => '#e6dcc3',
        'ink' => '#1f2533',
        'moss' => '#5d6b45',
        'natural' => '#d9c9a3',
        'navy' => '#26324f',
        'oatmeal' => '#ddd2bb',
        'plum' => '#5a2a55',
        'rust' => '#8f4a2f',
        'sage' => '#a9b79a',
        'slate' => '#55606e',
        'stone' => '#b3a78f',
        'teal' => '#2f6a6a',
        'white' => '#f4f2ec',
    ];

    /**
     * @param array<string, string>      $garment
     * @param array<string, int>         $sizes   size => pieces
     * @param array<string, string|null> $on      position => artwork's name
     *
     * @return array<string, mixed>
     */
    public static function line(array $garment, string $colour, array $sizes, array $on): array
    {
        return [
            ...$garment,
            'colour_name' => $colour,
            'colour_hex' => self::COLOURS[$colour],
            'sizes' => $sizes,
            'on' => $on,
        ];
    }

    /**
     * @param list<array<string, mixed>> $lines with `on`: position => artwork's name
     *
     * @return list<TypedLine>
     */
    public static function typed(array $lines, Catalogue $catalogue): array
    {
        $artworks = Artwork::query()->pluck('id', 'name');

        return array_map(
            static fn(array $line): TypedLine => TypedLine::read(
                [
                    ...$line,
                    'decorations' => array_map(
                        static fn(string $position, ?string $artwork): array => [
                            // A line may have several at one place, along a leg: told apart by what is trimmed here.
                            'position' => trim($position),
                            'artwork_id' => $artwork === null ? null : $artworks[$artwork],
                        ],
                        array_keys($line['on']),
                        $line['on'],
                    ),
                ],
                $catalogue,
            ) ?? throw new LogicException('the demo says what it sews on'),
            $lines,
        );
    }
}
