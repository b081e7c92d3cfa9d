<?php

declare(strict_types=1);

namespace Hakama\Calendar;

use Hakama\Words\Refusal;

/** What somebody wrote is no working day. */
final class UnfitHours extends Refusal {}
