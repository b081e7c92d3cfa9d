<?php

declare(strict_types=1);

namespace Hakama\Stitch\Copies;

use Hakama\Stitch\BlockSpan;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Transform;

/**
 * Several copies of one pattern to be sewn in one frame. Sewn in file order, n copies of c blocks change
 * thread n·c - 1 times; regrouped, block 1 of every copy comes first, then block 2 of every copy: c - 1
 * times, and no block ever overtakes an earlier one of its own copy.
 */
final readonly class Copies
{
    /**
     * @param non-empty-list<Pattern>         $copies each in its place, in the order of the way between them
     * @param non-empty-list<array{int, int}> $starts where each copy's needle stands before its first record, 0.1 mm
     * @param non-empty-list<BlockSpan>       $blocks the same in every copy
     */
    private function __construct(
        private array $copies,
        private array $starts,
        private array $blocks,
        private int $trimJumps,
    ) {}

    /**
     * @param Bounds $bounds of the pattern: its middle goes to the middle of each place of the grid
     */
    public static function of(Pattern $pattern, Bounds $bounds, Grid $grid, int $trimJumps): self
    {
        $copies = $starts = [];
        $middle = $bounds->centre();
        foreach ($grid->middles($bounds->width(), $bounds->height()) as $at) {
            $starts[] = [(int) round(10 * ($at->x - $middle->x)), (int) round(10 * ($at->y - $middle->y))];
            $copies[] = $pattern->placed(
                new Transform(dx: $starts[count($starts) - 1][0], dy: $starts[count($starts) - 1][1]),
            );
        }
        $blocks = $pattern->blockSpans();
        assert($copies !== [] && $blocks !== []);

        return new self($copies, $starts, $blocks, $trimJumps);
    }

    /** Each copy from its first stitch to its last, one after another. */
    public function inFileOrder(): Pattern
    {
        $builder = new PatternBuilder($this->copies[0]->name);
        $from = $this->blocks[0]->from;
        $to = $this->blocks[count($this->blocks) - 1]->to;
        foreach ($this->copies as $i => $copy) {
            if ($i > 0) {
                $builder->stop();
            }
            $this->travel($builder, $i, $from);
            $builder->append($copy->slice($from, $to));
        }

        return $builder->pattern();
    }

    /** Every copy's first block, then back over the copies with the second, and so on to and fro. */
    public function regrouped(): Pattern
    {
        $builder = new PatternBuilder($this->copies[0]->name);
        foreach ($this->blocks as $number => $block) {
            if ($number > 0) {
                $builder->stop();
            }
            $order = array_keys($this->copies);
            foreach ($number % 2 === 0 ? $order : array_reverse($order) as $i => $copy) {
                // Going on in the copy just left, the way is the digitiser's own: cut only where he cut.
                $trims = $number === 0 || $i > 0 || $block->leadIn >= $this->trimJumps;
                $this->travel($builder, $copy, $block->from, $trims);
                $builder->append($this->copies[$copy]->slice($block->from, $block->to));
            }
        }

        return $builder->pattern();
    }

    private function travel(PatternBuilder $builder, int $copy, int $record, bool $trims = true): void
    {
        [$x, $y] = $record === 0 ? $this->starts[$copy] : $this->copies[$copy]->before($record);
        $builder->travelTo($x, $y, $trims ? $this->trimJumps : 1);
    }
}
