<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** One of those that look for a plan side by side. */
interface Searcher
{
    /** Looks so many iterations longer; where it does so beside the others, it only begins. */
    public function begin(int $iterations): void;

    /** Waits until it has done what it was told to. */
    public function found(): Found;

    /** Another has found a better plan: what comes next begins with it. */
    public function take(Found $better): void;
}
