<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** What stands on the label of a piece or a bundle: its number and a digit by which a slip of the finger is noticed. */
final readonly class Tag
{
    private function __construct(public int $number, public bool $isBundle) {}

    public static function of(int $piece): self
    {
        return new self($piece, false);
    }

    public static function ofBundle(int $bundle): self
    {
        return new self($bundle, true);
    }

    /** As typed, or as an address that ends in it; null where it is no tag, or a digit of it is wrong. */
    public static function read(string $typed): ?self
    {
        $last = preg_replace('~^.*/~', '', trim($typed)) ?? '';
        if (preg_match('~^([PK])[- ]?(\d{1,9})[- ]?(\d)$~iD', $last, $found) !== 1) {
            return null;
        }
        $tag = new self((int) $found[2], strtoupper($found[1]) === 'K');

        return $tag->number > 0 && $tag->digit() === (int) $found[3] ? $tag : null;
    }

    /** "P-1234-4" of a piece, "K-12-5" of a bundle */
    public function code(): string
    {
        return ($this->isBundle ? 'K' : 'P')."-{$this->number}-{$this->digit()}";
    }

    /** The digit that makes the sum by Luhn's rule a whole ten: one wrong digit, or two neighbours changed about, shows. */
    private function digit(): int
    {
        $sum = 0;
        foreach (array_reverse(str_split((string) $this->number)) as $i => $digit) {
            $n = (int) $digit * ($i % 2 === 0 ? 2 : 1);
            $sum += $n > 9 ? $n - 9 : $n;
        }

        return (10 - ($sum % 10)) % 10;
    }
}
