<?php

declare(strict_types=1);

namespace Hakama\Setup;

/** One thing that was chosen otherwise than advised; it wants a reason, which is kept with it. */
final readonly class Departure
{
    /** @param string $about frame, turn, driver, backing, topper, needle or speed */
    public function __construct(public string $about, public string $advised, public string $chosen) {}
}
