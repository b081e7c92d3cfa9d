<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Text;

/** What to look at when a thread breaks again at the same needle: in the order in which it is soonest found. */
final class BreakAdvice
{
    private const LOOK = ['needle', 'path', 'tension', 'burrs'];

    /**
     * @param int $breaks at this needle of late, this one among them
     * @param int $from   so many want a look
     *
     * @return list<Text> empty as long as it is only a break
     */
    public static function of(int $breaks, int $from): array
    {
        return $breaks >= $from ? array_map(static fn(string $where): Text => new Text("floor.break.{$where}"), self::LOOK) : [];
    }
}
