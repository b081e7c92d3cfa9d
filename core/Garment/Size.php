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
