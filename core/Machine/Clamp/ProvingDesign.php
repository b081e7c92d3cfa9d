<?php

declare(strict_types=1);

namespace Hakama\Machine\Clamp;

use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;

/**
 * A design that a machine traces only while it believes that it holds its largest frame: too wide for the second
 * largest, not for the largest. It is traced and never sewn.
 */
final readonly class ProvingDesign
{
    private const HEIGHT_MM = 20.0;
    private const STITCH = 40;

    private function __construct(public FrameSpec $largest, public FrameSpec $second, public float $widthMm) {}

    /**
     * @param list<FrameSpec> $frames   that this machine knows
     * @param float       $marginMm that it keeps from the edge of a window
     *
     * @return self|null null where the two largest are so much alike that no design can tell them apart
     */
    public static function of(array $frames, float $marginMm): ?self
    {
        $frames = array_values(array_filter($frames, static fn(FrameSpec $one): bool => $one->driver === Driver::Flat));
        usort(
            $frames,
            static fn(FrameSpec $a, FrameSpec $b): int => [$b->window->widthMm, $a->id] <=> [$a->window->widthMm, $b->id],
        );
        [$largest, $second] = [$frames[0] ?? null, $frames[1] ?? null];
        if ($largest === null || $second === null) {
            return null;
        }
        $room = $largest->window->widthMm - 2 * $marginMm;

        return $room <= $second->window->widthMm
            ? null
            : new self($largest, $second, round(($second->window->widthMm + $room) / 2));
    }

    /** Its outline in running stitches, about the middle. */
    public function pattern(): Pattern
    {
        [$x, $y] = [(int) round(5 * $this->widthMm), (int) round(5 * self::HEIGHT_MM)];
        $builder = new PatternBuilder(sprintf('PROVE %.0f', $this->widthMm));
        $builder->travelTo(-$x, -$y, 1);
        foreach ([[$x, -$y], [$x, $y], [-$x, $y], [-$x, -$y]] as [$toX, $toY]) {
            [$fromX, $fromY] = [$builder->x(), $builder->y()];
            $steps = (int) ceil(max(abs($toX - $fromX), abs($toY - $fromY)) / self::STITCH);
            for ($i = 1; $i <= $steps; $i++) {
                $builder->stitchTo(
                    $fromX + (int) round((($toX - $fromX) * $i) / $steps),
                    $fromY + (int) round((($toY - $fromY) * $i) / $steps),
                );
            }
        }

        return $builder->pattern();
    }
}
