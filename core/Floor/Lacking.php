<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** Pieces of a batch for which there is no blank yet. */
final readonly class Lacking
{
    public int $pieces;
    /** Of these, those of which nobody knows when they come. */
    public int $unknown;
    /** When the last of those comes that are expected, seconds of local time; null where none is. */
    public ?int $at;

    /** @param list<array{string, int, int|null}> $parts size, pieces, when they come */
    public function __construct(private array $parts = [])
    {
        $this->pieces = array_sum(array_column($parts, 1));
        $this->unknown = array_sum(array_map(static fn(array $one): int => $one[2] === null ? $one[1] : 0, $parts));
        $this->at = max([null, ...array_column($parts, 2)]);
    }

    public function and(string $size, int $pieces, ?int $at): self
    {
        return $pieces === 0 ? $this : new self([...$this->parts, [$size, $pieces, $at]]);
    }

    /** @return array<array-key, int> size => pieces */
    public function sizes(): array
    {
        $sizes = [];
        foreach ($this->parts as [$size, $pieces]) {
            $sizes[$size] = ($sizes[$size] ?? 0) + $pieces;
        }

        return $sizes;
    }
}
