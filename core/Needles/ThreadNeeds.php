<?php

declare(strict_types=1);

namespace Hakama\Needles;

use Hakama\Machine\NeedleBar;

/** Which needle size a thread wants. A thread without a want, and a needle of unknown size, go with anything. */
final readonly class ThreadNeeds
{
    /** @param array<string, string> $sizes thread => needle size, such as 65/9 */
    public function __construct(private array $sizes = []) {}

    public function size(string $thread): ?string
    {
        return $this->sizes[$thread] ?? null;
    }

    public function allow(string $thread, NeedleBar $needle): bool
    {
        return $needle->size === null || ! isset($this->sizes[$thread]) || $this->sizes[$thread] === $needle->size;
    }
}
