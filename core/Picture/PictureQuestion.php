<?php

declare(strict_types=1);

namespace Hakama\Picture;

use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** What is asked of a picture of a hooped piece. */
enum PictureQuestion: string
{
    case Place = 'place';
    case Level = 'level';
    case Seams = 'seams';
    case Angle = 'angle';

    public function label(): Text
    {
        return new Text("setup.picture_question.{$this->value}");
    }

    /** @return non-empty-list<string> codes of what is touched beside the four points of the frame, in order */
    public function points(): array
    {
        return match ($this) {
            self::Place => ['cross', 'above_it'],
            self::Level => ['this_mark', 'other_mark'],
            self::Seams => ['left_seam', 'left_seam_again', 'right_seam', 'right_seam_again', 'cross'],
            self::Angle => ['seam', 'seam_again'],
        };
    }

    /** The same, for people. */
    public function asked(): Texts
    {
        return new Texts(
            Joined::Comma,
            ...array_map(static fn(string $point): Text => new Text("setup.picture_point.{$point}"), $this->points()),
        );
    }
}
