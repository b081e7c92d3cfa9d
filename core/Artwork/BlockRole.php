<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Words\Text;

/** What a block is for. */
enum BlockRole: string
{
    case Sew = 'sew';
    case Placement = 'placement';
    case TackDown = 'tack_down';
    case Cover = 'cover';
    case Quilting = 'quilting';
    case None = 'none';

    public function label(): Text
    {
        return new Text("artwork.block_role.{$this->value}");
    }

    /**
     * What has to be done at the stop after such a block.
     *
     * @param bool $preCut cloth is cut to its shape before it is laid: nothing is trimmed in the frame
     */
    public function actionAfter(bool $preCut): StopAction
    {
        return match ($this) {
            self::Placement => StopAction::LayCloth,
            self::TackDown => $preCut ? StopAction::GoOn : StopAction::TrimCloth,
            default => StopAction::GoOn,
        };
    }
}
