<?php

declare(strict_types=1);

namespace Hakama\Words;

use JsonSerializable;
use LogicException;

/**
 * Something to be said to people: which sentence of `lang/` it is, and what is said in it. Who shows it says it, in the
 * language of who reads it.
 */
final readonly class Text implements JsonSerializable
{
    /** @param array<string, string|int|Decimal|Money|Text|Texts> $with by the names that stand in the sentence */
    public function __construct(public string $key, public array $with = []) {}

    /** Whether it says the same. */
    public function equals(self $other): bool
    {
        return $this->key === $other->key && serialize($this->with) === serialize($other->with);
    }

    /** What goes out is said first: a key is nothing to be read. */
    public function jsonSerialize(): never
    {
        throw new LogicException("{$this->key} was written without being said");
    }
}
