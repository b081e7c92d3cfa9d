<?php

declare(strict_types=1);

namespace App\Orders;

use RuntimeException;

/** The order is no longer what it was when somebody opened it to change it. */
final class StaleOrder extends RuntimeException {}
