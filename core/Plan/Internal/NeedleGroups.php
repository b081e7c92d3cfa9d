<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

/**
 * The same count where threads want needles of their own size: each size of needle is a rack by itself.
 *
 * @internal
 */
final class NeedleGroups
{
    public int $loads = 0;

    /**
     * @param array<string, NeedleCount> $racks size => its needles
     * @param array<int, string>         $size  thread => the size it wants
     */
    private function __construct(private array $racks, private readonly array $size) {}

    /**
     * @param array<string, int>       $needles  size => needles of it that are not pinned
     * @param array<string, list<int>> $standing size => threads on them
     * @param array<int, string>       $size     thread => the size it wants
     */
    public static function of(array $needles, array $standing, array $size): self
    {
        return new self(
            array_map(
                static fn(string $one): NeedleCount => NeedleCount::of($needles[$one], $standing[$one] ?? []),
                array_combine(array_keys($needles), array_keys($needles)),
            ),
            $size,
        );
    }

    /** @param list<int> $threads */
    public function then(array $threads): self
    {
        $next = clone $this;
        $next->loads = 0;
        $bySize = [];
        foreach ($threads as $thread) {
            $bySize[$this->size[$thread]][] = $thread;
        }
        foreach ($this->racks as $size => $rack) {
            $next->racks[$size] = $rack->then($bySize[$size] ?? []);
            $next->loads += $next->racks[$size]->loads;
        }

        return $next;
    }

    public function mayHold(int $thread): bool
    {
        return isset($this->racks[$this->size[$thread]]) && $this->racks[$this->size[$thread]]->mayHold($thread);
    }

    public function state(): string
    {
        return implode(' ', array_map(static fn(NeedleCount $rack): string => $rack->state(), $this->racks));
    }
}
