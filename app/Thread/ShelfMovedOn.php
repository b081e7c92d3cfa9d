<?php

declare(strict_types=1);

namespace App\Thread;

use RuntimeException;

/** The shelf has changed since it was looked at. */
final class ShelfMovedOn extends RuntimeException {}
