<?php

declare(strict_types=1);

namespace Hakama\Stitch;

use InvalidArgumentException;

/** The blocks of a pattern in another order: each as it is sewn, with a halt between two of them. */
final readonly class Reordered
{
    /**
     * @param list<int> $order     of the blocks, each once, from 1
     * @param int       $trimJumps so many jumps say that the thread is cut
     */
    public static function of(Pattern $pattern, array $order, int $trimJumps): Pattern
    {
        $spans = $pattern->blockSpans();
        $sorted = $order;
        sort($sorted);
        if ($sorted !== range(1, count($spans))) {
            throw new InvalidArgumentException('every block is in the order once');
        }
        $builder = new PatternBuilder($pattern->name);
        foreach ($order as $i => $number) {
            $span = $spans[$number - 1];
            if ($i > 0) {
                $builder->stop();
            }
            [$x, $y] = $pattern->before($span->from);
            $builder->travelTo($x, $y, $i > 0 ? $trimJumps : 1)->append($pattern->slice($span->from, $span->to));
        }

        return $builder->pattern();
    }
}
