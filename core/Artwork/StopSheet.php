<?php

declare(strict_types=1);

namespace Hakama\Artwork;

/** What the operator would write on paper beside the file: block by block, what it is and what to do after it. */
final readonly class StopSheet
{
    /** @param list<Step> $steps */
    private function __construct(public array $steps) {}

    /** @param list<SheetBlock> $blocks in sewing order */
    public static function of(array $blocks): self
    {
        $steps = [];
        $sewn = 0;
        foreach ($blocks as $i => $block) {
            $role = $block->role ?? $block->proposed;
            $last = $i === count($blocks) - 1;
            $steps[] = new Step(
                $i + 1,
                $sewn + 1,
                $sewn + $block->stitches,
                $role,
                $block->role !== null,
                $last ? null : $block->action ?? $role->actionAfter(),
                $block->note,
                self::reason($block, $role, $last),
            );
            $sewn += $block->stitches;
        }

        return new self($steps);
    }

    /** @return list<int> stitches after which the machine must halt; at all other stops it goes on by itself */
    public function halts(): array
    {
        return array_values(
            array_map(
                static fn(Step $step): int => $step->to,
                array_filter($this->steps, static fn(Step $step): bool => $step->halts()),
            ),
        );
    }

    /** The step in which a stitch is sewn. */
    public function at(int $stitch): ?Step
    {
        foreach ($this->steps as $step) {
            if ($stitch <= $step->to) {
                return $step;
            }
        }

        return null;
    }

    private static function reason(SheetBlock $block, Role $role, bool $last): string
    {
        return match (true) {
            $last => 'the last block: nothing stops after it',
            $block->action !== null => 'decided by hand',
            $role === Role::Placement => 'cloth is laid on its placement line before it is tacked down',
            $role === Role::TackDown => 'cloth is trimmed along its tack-down before it is covered',
            default => 'an ordinary colour change: the machine goes on by itself',
        };
    }
}
