<?php

declare(strict_types=1);

namespace Hakama\Money\Bill;

use RuntimeException;

/** A file that is no electronic invoice that can be read. */
final class NoBill extends RuntimeException {}
