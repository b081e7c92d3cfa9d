<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Refusal;

/** No measure of a garment, or none that one could have. */
final class UnfitMeasure extends Refusal {}
