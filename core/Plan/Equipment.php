<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What has to be on a machine for a batch, and who may set it up and tend it. */
final readonly class Equipment
{
    /**
     * @param non-empty-list<string> $threads thread per block
     * @param string                 $needle  size and point it wants, such as "80/12 sharp"; '' where any will do
     * @param string                 $design  what is loaded for it, the way round it goes in; '' where nobody knows
     * @param string                 $style   of a cap, to which the frame's strap is set; '' where nothing is set to it
     * @param list<string>           $skills  what not everybody may do alone; each of `People::$able`
     */
    public function __construct(
        public array $threads,
        public string $frame,
        public string $needle = '',
        public string $design = '',
        public string $style = '',
        public array $skills = [],
    ) {}

    /** The strap of the frame is set anew for another style of cap; nobody knows what it was set to before the first. */
    public function isNewStyleAfter(?self $before): bool
    {
        return $this->style !== '' && $this->style !== ($before->style ?? '');
    }

    /** The same design in the same frame: nothing has to be loaded and traced between the two. */
    public function goesOn(?self $before): bool
    {
        return $before !== null
            && $this->design !== ''
            && $before->design === $this->design
            && $before->frame === $this->frame;
    }
}
