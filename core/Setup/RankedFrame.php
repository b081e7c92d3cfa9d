<?php

declare(strict_types=1);

namespace Hakama\Setup;

/** A frame with how it fits and what it costs to use it. */
final readonly class RankedFrame
{
    public function __construct(
        public Fit $fit,
        public Change $change,
    ) {}

    /** @return array{int, int, float, string} lower is better */
    public function rank(): array
    {
        $window = $this->fit->frame->window;

        return [
            $this->fit->fits() ? 0 : 1,
            $this->change->value,
            $window->widthMm * $window->heightMm,
            $this->fit->frame->id,
        ];
    }
}
