<?php

declare(strict_types=1);

namespace App\Setup;

use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Setup\Models\ClampCheck;
use Hakama\Words\Text;

/** A clamp with one window on one machine. */
final readonly class ClampRow
{
    /**
     * @param ClampCheck|null $found when its true centre was found last
     * @param Text|null     $due   why it has to be found again
     */
    public function __construct(
        public Machine $machine,
        public Frame $frame,
        public ?ClampCheck $found,
        public ?Text $due,
    ) {}

    /** What was found is not what the catalogue has. */
    public function differs(): bool
    {
        return $this->found !== null
            && (abs($this->found->x_mm - $this->frame->offset_x_mm) > 0.05
                || abs($this->found->y_mm - $this->frame->offset_y_mm) > 0.05);
    }
}
