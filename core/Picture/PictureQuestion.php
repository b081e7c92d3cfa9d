<?php

declare(strict_types=1);

namespace Hakama\Picture;

/** What is asked of a picture of a hooped piece. */
enum PictureQuestion: string
{
    case Place = 'place';
    case Level = 'level';
    case Seams = 'seams';
    case Angle = 'angle';

    public function label(): string
    {
        return match ($this) {
            self::Place => 'how far the design is to be moved',
            self::Level => 'is it level with the mark on the other side',
            self::Seams => 'how far is it from both seams',
            self::Angle => 'which way does this seam run',
        };
    }

    /** @return non-empty-list<string> what is touched beside the four points of the frame, in order */
    public function points(): array
    {
        return match ($this) {
            self::Place => ['cross', 'above it'],
            self::Level => ['this mark', 'the other one'],
            self::Seams => ['left seam', 'left seam again', 'right seam', 'right seam again', 'cross'],
            self::Angle => ['seam', 'seam again'],
        };
    }
}
