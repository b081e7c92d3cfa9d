<?php

declare(strict_types=1);

namespace App\Plan;

use RuntimeException;

/** A change of the plan that was not made; the plan is as it was. */
abstract class PlanRefused extends RuntimeException {}
