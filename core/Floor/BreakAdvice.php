<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** What to look at when a thread breaks again at the same needle: in the order in which it is soonest found. */
final class BreakAdvice
{
    private const LOOK = [
        'the needle: bent, blunt, the right size, its eye to the front',
        'the path of the thread: every guide, nothing caught at the cone',
        'the tension: top and bobbin, tried on a scrap',
        'burrs: the hook, the plate, the foot, a finger run over them with the power off',
    ];

    /**
     * @param int $breaks at this needle of late, this one among them
     * @param int $from   so many want a look
     *
     * @return list<string> empty as long as it is only a break
     */
    public static function of(int $breaks, int $from): array
    {
        return $breaks >= $from ? self::LOOK : [];
    }
}
