<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/** The sizes of a run, small to large; One for caps, towels and the like. */
enum Size: string
{
    case One = 'one';
    case XS = 'XS';
    case S = 'S';
    case M = 'M';
    case L = 'L';
    case XL = 'XL';
    case XXL = '2XL';
    case XXXL = '3XL';
    case XXXXL = '4XL';
    case XXXXXL = '5XL';

    public function label(): Text
    {
        return $this === self::One
            ? new Text('garment.size.one')
            : new Text('garment.size.letters', ['size' => $this->value]);
    }

    /**
     * A size run as people read it, small to large; what is no size of this list stands last.
     *
     * @template T
     *
     * @param array<array-key, T> $bySize
     *
     * @return array<array-key, T>
     */
    public static function inOrder(array $bySize): array
    {
        $rank = array_flip(array_column(self::cases(), 'value'));
        uksort(
            $bySize,
            static fn(int|string $a, int|string $b): int => ($rank[(string) $a] ?? PHP_INT_MAX) <=>
                ($rank[(string) $b] ?? PHP_INT_MAX),
        );

        return $bySize;
    }

    /**
     * So many garments in the sizes of others, by their shares; what is left over goes to the largest remainders.
     *
     * @param array<string, int> $sizes
     *
     * @return array<string, int>
     */
    public static function shared(array $sizes, int $pieces): array
    {
        $all = max(1, array_sum($sizes));
        $shared = $left = [];
        foreach ($sizes as $size => $count) {
            $shared[$size] = intdiv($count * $pieces, $all);
            $left[$size] = ($count * $pieces) % $all;
        }
        arsort($left);
        foreach (array_slice(array_keys($left), 0, $pieces - array_sum($shared)) as $size) {
            $shared[$size]++;
        }

        return array_filter($shared, static fn(int $garments): bool => $garments > 0);
    }

    /** How many sizes above M, below zero for smaller ones; none for what has but one. */
    public function stepsFromM(): int
    {
        return match ($this) {
            self::XS => -2,
            self::S => -1,
            self::One, self::M => 0,
            self::L => 1,
            self::XL => 2,
            self::XXL => 3,
            self::XXXL => 4,
            self::XXXXL => 5,
            self::XXXXXL => 6,
        };
    }
}
