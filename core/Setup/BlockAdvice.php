<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Machine\NeedleType;
use Hakama\Words\Text;

/** What one block of a design wants, where it may be otherwise than the rest. */
final readonly class BlockAdvice
{
    public function __construct(public int $threadWeight, public NeedleType $needle, public Text $because) {}
}
