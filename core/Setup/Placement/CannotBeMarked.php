<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

use Hakama\Words\Refusal;

/** What was measured gives no place for the design. */
final class CannotBeMarked extends Refusal {}
