<?php

declare(strict_types=1);

namespace Hakama\Picture;

use Hakama\Words\Refusal;

/** A picture that nothing can be measured from: better none than a wrong figure. */
final class UnfitPicture extends Refusal {}
