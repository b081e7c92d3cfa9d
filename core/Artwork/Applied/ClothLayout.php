<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied;

/**
 * Pieces laid out on a width of cloth, row by row, the highest first, so that as little of its length is used as rows
 * allow. All lie the way they are sewn: cloth has a grain.
 */
final readonly class ClothLayout
{
    /**
     * @param list<array{int, float, float}> $placed   which piece, and its lower left corner, mm
     * @param float                          $lengthMm of the cloth that is used
     * @param list<int>                      $tooWide  pieces that are wider than the cloth
     */
    private function __construct(public array $placed, public float $lengthMm, public array $tooWide) {}

    /**
     * @param list<array{float, float, int}> $pieces width, height and how many of each, mm
     * @param float                          $gapMm  left between two of them
     */
    public static function of(array $pieces, float $clothMm, float $gapMm): self
    {
        $order = array_keys($pieces);
        usort($order, static fn(int $a, int $b): int => [$pieces[$b][1], $a] <=> [$pieces[$a][1], $b]);
        $placed = $tooWide = [];
        /** @var array<int, array{float, float, float}> $rows its foot, its height, and how far it is filled */
        $rows = [];
        $top = 0.0;
        foreach ($order as $i) {
            [$width, $height, $count] = $pieces[$i];
            if ($width > $clothMm + 1e-9) {
                $tooWide[] = $i;
                continue;
            }
            for ($n = 0; $n < $count; $n++) {
                $into = null;
                foreach ($rows as $r => [, , $filled]) {
                    if ($filled + $gapMm + $width <= $clothMm + 1e-9) {
                        $into = $r;
                        break;
                    }
                }
                if ($into === null) {
                    $foot = $rows === [] ? 0.0 : $top + $gapMm;
                    $rows[] = [$foot, $height, $width];
                    $top = $foot + $height;
                    $placed[] = [$i, 0.0, $foot];
                } else {
                    [$foot, $high, $filled] = $rows[$into];
                    $placed[] = [$i, $filled + $gapMm, $foot];
                    $rows[$into] = [$foot, $high, $filled + $gapMm + $width];
                }
            }
        }

        return new self($placed, $top, $tooWide);
    }
}
