<?php

declare(strict_types=1);

namespace Hakama\Words;

/** Several things said one after the other: sentences, or names in a list. */
final readonly class Texts
{
    /** @var list<Text|Texts|string> */
    public array $parts;

    public function __construct(public Joined $joined, Text|self|string ...$parts)
    {
        $this->parts = array_values(array_filter($parts, static fn(Text|self|string $one): bool => $one !== ''));
    }

    /** "It is 120 mm wide. It fits." */
    public static function sentences(Text|self|string ...$parts): self
    {
        return new self(Joined::Sentences, ...$parts);
    }

    /** "front, back and sleeve" */
    public static function all(Text|self|string ...$parts): self
    {
        return new self(Joined::And, ...$parts);
    }
}
