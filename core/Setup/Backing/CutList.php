<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

/**
 * What to cut for a row of batches, from what is on the shelf: off-cuts first where they are large enough, then the
 * smallest piece that covers, then the roll, in the direction that takes less of it. What one cut leaves serves the
 * next.
 */
final readonly class CutList
{
    /**
     * @param list<Cut>           $cuts
     * @param array<string, int>  $short batch => pieces there is nothing for
     * @param list<BackingSupply>  $left  the shelf after it, off-cuts kept among it
     */
    private function __construct(public array $cuts, public array $short, public array $left) {}

    /**
     * @param list<CutWant>      $wants   in the order in which they are sewn
     * @param list<BackingSupply> $stock
     * @param float              $leastMm off-cuts with a shorter side below this are thrown away
     */
    public static function of(array $wants, array $stock, float $leastMm): self
    {
        $cuts = $short = [];
        foreach ($wants as $want) {
            $missing = $want->count;
            while ($missing > 0) {
                $cut = self::next($want, $missing, $stock, $leastMm);
                if ($cut === null) {
                    $short[$want->batch] = ($short[$want->batch] ?? 0) + $missing;
                    break;
                }
                $cuts[] = $cut;
                $missing -= $cut->count;
                $stock = self::after($stock, $cut);
            }
        }

        return new self($cuts, $short, $stock);
    }

    /** @return list<Cut> */
    public function ofBatch(string $batch): array
    {
        return array_values(array_filter($this->cuts, static fn(Cut $cut): bool => $cut->want->batch === $batch));
    }

    /** @param list<BackingSupply> $stock */
    private static function next(CutWant $want, int $missing, array $stock, float $leastMm): ?Cut
    {
        // What covers it as it is wished; else what reaches far enough, before a roll is cut into.
        $piece = self::piece($want, $stock, 0.0) ?? self::piece($want, $stock, $want->shortMm);
        if ($piece !== null) {
            return new Cut($want, $piece, min($missing, $piece->count));
        }
        $best = null;
        foreach ($stock as $one) {
            if (
                $one->form === StockForm::Roll
                && $one->kind === $want->kind
                && $one->count > 0
                && $one->bears($want->leastGsm)
            ) {
                foreach (
                    [[$want->widthMm, $want->heightMm], [$want->heightMm, $want->widthMm]] as [$width, $height]
                ) {
                    $cut = self::offRoll($want, $missing, $one, $width, $height, $leastMm);
                    // Less of the roll for the same pieces; more pieces where the roll runs out.
                    if (
                        $cut !== null
                        && ($best === null || [-$cut->count, $cut->lengthMm] < [-$best->count, $best->lengthMm])
                    ) {
                        $best = $cut;
                    }
                }
            }
        }

        return $best;
    }

    /**
     * The smallest off-cut that covers, else the smallest piece.
     *
     * @param list<BackingSupply> $stock
     * @param float              $shortMm so much smaller each way will do
     */
    private static function piece(CutWant $want, array $stock, float $shortMm): ?BackingSupply
    {
        foreach ([StockForm::OffCut, StockForm::Piece] as $form) {
            $some = array_filter(
                $stock,
                static fn(BackingSupply $one): bool => $one->form === $form
                    && $one->kind === $want->kind
                    && $one->count > 0
                    && $one->bears($want->leastGsm)
                    && $one->covers($want->widthMm - $shortMm, $want->heightMm - $shortMm),
            );
            usort(
                $some,
                static fn(BackingSupply $a, BackingSupply $b): int => [$a->areaMm2(), $a->id] <=> [
                    $b->areaMm2(),
                    $b->id,
                ],
            );
            if ($some !== []) {
                return $some[0];
            }
        }

        return null;
    }

    private static function offRoll(
        CutWant $want,
        int $missing,
        BackingSupply $roll,
        float $width,
        float $height,
        float $leastMm,
    ): ?Cut {
        $across = (int) floor($roll->widthMm / $width + 1e-9);
        $rows = min(
            $across === 0 ? 0 : (int) ceil($missing / $across),
            (int) floor($roll->lengthMm / $height + 1e-9),
        );
        if ($across === 0 || $rows === 0) {
            return null;
        }
        $count = min($missing, $across * $rows);
        $over = $across * $rows - $count;
        $edge = $roll->widthMm - $across * $width;
        $leaves = [];
        foreach ([[$edge, $rows * $height, 1], [$width, $height, $over]] as [$w, $h, $n]) {
            if ($n > 0 && min($w, $h) >= $leastMm) {
                $leaves[] = new BackingSupply(
                    $want->batch,
                    $want->kind,
                    StockForm::OffCut,
                    $w,
                    $h,
                    $n,
                    $roll->gsm,
                );
            }
        }

        return new Cut($want, $roll, $count, $across, $rows * $height, $leaves);
    }

    /**
     * @param list<BackingSupply> $stock
     *
     * @return list<BackingSupply>
     */
    private static function after(array $stock, Cut $cut): array
    {
        $left = [];
        foreach ($stock as $one) {
            $left[] =
                $one !== $cut->from
                    ? $one
                    : ($one->form === StockForm::Roll
                        ? $one->shorter($cut->lengthMm)
                        : $one->less($cut->count));
        }

        return [...$left, ...$cut->leaves];
    }
}
