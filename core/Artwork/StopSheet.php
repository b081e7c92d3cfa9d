<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Machine\HaltRules;
use Hakama\Words\Text;

/** What the operator would write on paper beside the file: block by block, what it is and what to do after it. */
final readonly class StopSheet
{
    /** @param list<StopStep> $steps */
    private function __construct(public array $steps) {}

    /**
     * @param list<SheetBlock> $blocks in sewing order
     * @param bool             $preCut cloth is cut to its shape before it is laid
     */
    public static function of(array $blocks, bool $preCut = false): self
    {
        $steps = [];
        $sewn = 0;
        // Outlines that wait for the scissors: those of several cloths where one stop is for all of them.
        $outlineMm = 0.0;
        foreach ($blocks as $i => $block) {
            $role = $block->role ?? $block->proposed;
            $last = $i === count($blocks) - 1;
            $action = $last ? null : self::action($block, $role, $preCut);
            $acts = $action === null ? [] : StopAction::inOrder([$action, ...$block->also]);
            $trims = in_array(StopAction::TrimCloth, $acts, true);
            $outlineMm += $role === BlockRole::Placement ? $block->lengthMm : 0.0;
            $steps[] = new StopStep(
                $i + 1,
                $sewn + 1,
                $sewn + $block->stitches,
                $role,
                $block->role !== null,
                $action,
                $block->note,
                self::reason($block, $role, $last, $preCut),
                $trims ? $outlineMm : 0.0,
                $acts,
            );
            $outlineMm = $trims ? 0.0 : $outlineMm;
            $sewn += $block->stitches;
        }

        return new self($steps);
    }

    /** Only a whole cloth can lie under its line; a shape that was cut is laid on it. */
    private static function action(SheetBlock $block, BlockRole $role, bool $preCut): StopAction
    {
        $may = $block->action !== StopAction::ThereFirst || ($role === BlockRole::Placement && ! $preCut);

        return $may && $block->action !== null ? $block->action : $role->actionAfter($preCut);
    }

    /** @return list<int> stitches after which the machine must halt; at all other stops it goes on by itself */
    public function halts(): array
    {
        return array_values(
            array_map(
                static fn(StopStep $step): int => $step->to,
                array_filter($this->steps, static fn(StopStep $step): bool => $step->halts()),
            ),
        );
    }

    /** The block after which film is laid though cloth is still trimmed later, which cuts it; null where none is. */
    public function filmBeforeTrimming(): ?int
    {
        $film = null;
        foreach ($this->steps as $step) {
            // At one stop film comes last.
            if ($film !== null && $step->does(StopAction::TrimCloth)) {
                return $film;
            }
            $film ??= $step->does(StopAction::AddTopper) ? $step->block : null;
        }

        return null;
    }

    /** How long hands take at all stops of a load. */
    public function handsS(HaltRules $rules): float
    {
        return array_sum(array_map(static fn(StopStep $step): float => $step->handsS($rules), $this->steps));
    }

    /** The step in which a stitch is sewn. */
    public function at(int $stitch): ?StopStep
    {
        foreach ($this->steps as $step) {
            if ($stitch <= $step->to) {
                return $step;
            }
        }

        return null;
    }

    private static function reason(SheetBlock $block, BlockRole $role, bool $last, bool $preCut): Text
    {
        return match (true) {
            $last => new Text('artwork.stop_because.last_block'),
            $block->action !== null || $block->also !== [] => new Text('artwork.stop_because.by_hand'),
            $role === BlockRole::Placement => new Text('artwork.stop_because.placement_line'),
            $role === BlockRole::TackDown && $preCut
                => new Text('artwork.stop_because.pre_cut'),
            $role === BlockRole::TackDown => new Text('artwork.stop_because.tack_down'),
            default => new Text('artwork.stop_because.colour_change'),
        };
    }
}
