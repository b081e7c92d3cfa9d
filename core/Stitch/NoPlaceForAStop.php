<?php

declare(strict_types=1);

namespace Hakama\Stitch;

use Hakama\Words\Refusal;
use Hakama\Words\Text;

final class NoPlaceForAStop extends Refusal
{
    public static function beyondTheEnd(int $stitch): self
    {
        return new self(
            new Text('artwork.no_stop.after_the_last', ['stitch' => $stitch]),
        );
    }

    public static function standsAlready(int $stitch): self
    {
        return new self(new Text('artwork.no_stop.already_there', ['stitch' => $stitch]));
    }
}
