<?php

declare(strict_types=1);

namespace Hakama\Artwork;

/** What a block is for. */
enum Role: string
{
    case Sew = 'sew';
    case Placement = 'placement';
    case TackDown = 'tack_down';
    case Cover = 'cover';
    case Quilting = 'quilting';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Placement => 'placement line',
            self::TackDown => 'tack-down',
            default => $this->value,
        };
    }

    /** What has to be done at the stop after such a block. */
    public function actionAfter(): StopAction
    {
        return match ($this) {
            self::Placement => StopAction::LayCloth,
            self::TackDown => StopAction::TrimCloth,
            default => StopAction::GoOn,
        };
    }
}
