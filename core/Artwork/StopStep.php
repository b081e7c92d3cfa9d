<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Machine\HaltRules;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** One line of the stop sheet: a block, and what happens when it is sewn. */
final readonly class StopStep
{
    /**
     * @param int  $block    from 1
     * @param int  $from     the first stitch of the block, from 1
     * @param int  $to       its last
     * @param bool $decided  false while the role is only proposed
     * @param float $trimMm length of the outlines of cloth that are trimmed at the stop after it
     * @param StopAction|null $action at the stop after it; null after the last block, where no stop is
     * @param list<StopAction> $acts   all that is done at that stop, in the order of the work
     */
    public function __construct(
        public int $block,
        public int $from,
        public int $to,
        public BlockRole $role,
        public bool $decided,
        public ?StopAction $action,
        public string $note,
        public Text $because,
        public float $trimMm = 0.0,
        public array $acts = [],
    ) {}

    public function halts(): bool
    {
        return array_filter($this->acts, static fn(StopAction $one): bool => $one->halts()) !== [];
    }

    public function does(StopAction $action): bool
    {
        return in_array($action, $this->acts, true);
    }

    /** What is done at the stop; nothing after the last block, where no stop is. */
    public function words(): Texts
    {
        $hands = array_filter($this->acts, static fn(StopAction $one): bool => $one->halts());

        return new Texts(
            Joined::Semicolon,
            ...array_map(static fn(StopAction $one): Text => $one->label(), $hands === [] ? $this->acts : $hands),
        );
    }

    /** How long the hands take at the stop after it; 0 where the machine goes on by itself. */
    public function handsS(HaltRules $rules): float
    {
        return array_sum(array_map(fn(StopAction $one): float => $this->actS($one, $rules), $this->acts));
    }

    /** How long one of its acts takes. */
    public function actS(StopAction $action, HaltRules $rules): float
    {
        return match (true) {
            ! $action->halts() => 0.0,
            $action === StopAction::TrimCloth => $rules->trimS + $this->trimMm / $rules->trimMmPerS,
            default => $rules->ownS[$action->value] ?? $rules->handS,
        };
    }
}
