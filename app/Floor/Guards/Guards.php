<?php

declare(strict_types=1);

namespace App\Floor\Guards;

/** All of them, in the order in which what they want is done. */
final readonly class Guards
{
    /** @var list<Guard> */
    private array $all;

    public function __construct(
        ListConfirmed $list,
        ClampFound $clamp,
        FrameFree $frame,
        ThreadsOnRack $threads,
        BobbinLasts $bobbin,
        NameConfirmed $name,
        HoopingsCurrent $hoopings,
        FirstPieceLooked $first,
        CustomerApproved $approved,
    ) {
        $this->all = [$approved, $list, $clamp, $frame, $threads, $bobbin, $name, $hoopings, $first];
    }

    /** @throws TouchRefused by the first that is not met */
    public function check(Touch $touch): void
    {
        foreach ($this->all as $guard) {
            $guard->check($touch);
        }
    }
}
