<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** Records of one kind that follow one another: positions after each, in tenths of a millimetre. */
final readonly class Run
{
    /**
     * @param non-empty-list<int> $xs
     * @param non-empty-list<int> $ys as many
     */
    public function __construct(public RecordKind $kind, public array $xs, public array $ys) {}
}
