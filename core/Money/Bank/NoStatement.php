<?php

declare(strict_types=1);

namespace Hakama\Money\Bank;

use RuntimeException;

/** A file that is no bank statement that can be read. */
final class NoStatement extends RuntimeException {}
