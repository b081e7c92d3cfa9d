<?php

declare(strict_types=1);

namespace Hakama\Stitch;

use Hakama\Words\Text;

/** One oddity of a pattern, for the person who has to sew it. */
final readonly class Finding
{
    /**
     * @param list<Spot> $spots  where it is to be seen; the first is the worst, and not all are kept
     * @param list<int>  $blocks that it speaks of, from 1, where it is a matter of whole blocks
     */
    public function __construct(
        public FindingCode $code,
        public Text $message,
        public array $spots = [],
        public array $blocks = [],
    ) {}
}
