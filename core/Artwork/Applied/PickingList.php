<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied;

use Hakama\Artwork\Applied\Internal\Runs;
use Hakama\Artwork\Applied\Internal\WayRound;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\StopAction;
use Hakama\Artwork\StopStep;
use Hakama\Stitch\BlockSpan;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;

/** What the hands bring to the stops of one frame, in the order it is wanted, with the size each is cut to. */
final readonly class PickingList
{
    /** @param list<Picked> $items */
    private function __construct(public array $items) {}

    /** Of a design at whose stops nothing is brought. */
    public static function none(): self
    {
        return new self([]);
    }

    /**
     * Cloth is cut as its piece is; a back or pocket to the lines it is taped to, which were sewn just before, backing and
     * film to all that is sewn through them, each with room on every side.
     *
     * @param list<StopStep> $steps    the stop sheet of the pattern
     * @param float      $beyondMm room on every side
     */
    public static function of(Pattern $pattern, array $steps, AppliedPieces $applied, float $beyondMm): self
    {
        $spans = $pattern->blockSpans();
        $boxes = self::boxes($pattern, $spans);
        $items = [];
        foreach ($steps as $i => $step) {
            $brought = array_values(
                array_filter($step->acts, static fn(StopAction $one): bool => $one->brings() !== null),
            );
            foreach ($brought as $n => $act) {
                // What is laid on the line of the block is brought by the first of them.
                $pieces = array_filter(
                    $applied->pieces,
                    static fn(AppliedPiece $piece): bool => $n === 0 && $piece->block === $step->block,
                );
                foreach ($pieces as $piece) {
                    $items[] = self::picked($step, $act, $piece->bounds(), $piece->number);
                }
                $lines = $act->isLaidByLines() ? Runs::of($pattern, $spans[$i]) : [];
                $isTaped = $lines !== [] && WayRound::isLines($lines);
                $byLines = $isTaped || ($n === 0 && $step->role === BlockRole::Placement);
                $box = $byLines ? $boxes[$i] ?? null : self::around(array_slice($boxes, $i + 1));
                if ($pieces === [] && $box !== null) {
                    $shape = $isTaped ? AppliedPiece::taped($step->block, WayRound::of($lines), $beyondMm) : null;
                    $items[] = self::picked($step, $act, self::grown($box, $beyondMm), null, $shape);
                }
            }
        }

        return new self($items);
    }

    private static function picked(
        StopStep $step,
        StopAction $act,
        Bounds $box,
        ?int $piece,
        ?AppliedPiece $shape = null,
    ): Picked {
        return new Picked($step->block, $act, $piece, $box->width(), $box->height(), $shape);
    }

    /** @return list<array{Picked, AppliedPiece}> backs and pockets with the outline that their lines give */
    public function taped(): array
    {
        $taped = [];
        foreach ($this->items as $one) {
            if ($one->shape !== null) {
                $taped[] = [$one, $one->shape];
            }
        }

        return $taped;
    }

    private static function grown(Bounds $box, float $mm): Bounds
    {
        return new Bounds($box->left - $mm, $box->right + $mm, $box->bottom - $mm, $box->top + $mm);
    }

    /** @param list<Bounds|null> $boxes */
    private static function around(array $boxes): ?Bounds
    {
        return array_reduce(
            $boxes,
            static fn(?Bounds $all, ?Bounds $one): ?Bounds => $all === null || $one === null
                ? $all ?? $one
                : $all->with($one),
        );
    }

    /**
     * @param list<BlockSpan> $spans
     *
     * @return list<Bounds|null> of each block; without a point for each stitch, of which there may be very many
     */
    private static function boxes(Pattern $pattern, array $spans): array
    {
        $boxes = [];
        foreach ($spans as $span) {
            $box = null;
            foreach ($pattern->slice($span->from, $span->to)->runs() as $run) {
                if ($run->kind === RecordKind::Stitch) {
                    $of = new Bounds(min($run->xs) / 10, max($run->xs) / 10, min($run->ys) / 10, max($run->ys) / 10);
                    $box = $box?->with($of) ?? $of;
                }
            }
            $boxes[] = $box;
        }

        return $boxes;
    }
}
