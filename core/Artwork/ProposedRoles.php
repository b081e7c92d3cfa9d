<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Pattern;

/**
 * Roles read from the blocks' shapes. A closed running line that the next block follows is a placement
 * line and its tack-down; a zigzag that lies along that line all the way round is its cover. Everything
 * else is sewn. Proposals only: the person decides.
 */
final readonly class ProposedRoles
{
    /** @return list<BlockRole> one per block that sews */
    public static function of(Pattern $pattern): array
    {
        $shapes = [];
        foreach ($pattern->blockSpans() as $span) {
            $shapes[] = \Hakama\Artwork\Internal\BlockShape::of($pattern, $span);
        }
        $roles = array_fill(0, count($shapes), BlockRole::Sew);
        for ($i = 0; $i + 1 < count($shapes); $i++) {
            [$line, $tack] = [$shapes[$i], $shapes[$i + 1]];
            if (! $line->isOutline() || ! $tack->follows($line)) {
                continue;
            }
            [$roles[$i], $roles[$i + 1]] = [BlockRole::Placement, BlockRole::TackDown];
            for ($later = $i + 2; $later < count($shapes) && ! $shapes[$later]->isOutline(); $later++) {
                if ($shapes[$later]->covers($line)) {
                    $roles[$later] = BlockRole::Cover;
                    break;
                }
            }
            $i++;
        }

        return array_values($roles);
    }
}
