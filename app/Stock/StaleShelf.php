<?php

declare(strict_types=1);

namespace App\Stock;

use RuntimeException;

/** The shelf has changed since it was looked at. */
final class StaleShelf extends RuntimeException {}
