<?php

declare(strict_types=1);

namespace Hakama\Artwork;

/** A block as the stop sheet is told of it: what its shape proposes, and what a person decided instead. */
final readonly class SheetBlock
{
    /**
     * @param BlockRole|null       $role   null: as proposed
     * @param StopAction|null $action at the stop after it; null: as the role wants
     * @param float           $lengthMm of what it sews
     * @param list<StopAction> $also what else is done at that stop
     */
    public function __construct(
        public int $stitches,
        public BlockRole $proposed = BlockRole::Sew,
        public ?BlockRole $role = null,
        public ?StopAction $action = null,
        public string $note = '',
        public float $lengthMm = 0.0,
        public array $also = [],
    ) {}
}
