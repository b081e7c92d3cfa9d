<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector;

use Hakama\Words\Decimal;
use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** What was given cannot be sewn as a drawing; the message says why, and where it can. */
final class NotADrawing extends Refusal
{
    public static function tooLarge(int $bytes, int $most): self
    {
        return new self(new Text('artwork.not_a_drawing.too_large', ['bytes' => $bytes, 'most' => $most]));
    }

    public static function malformed(Text|string $reason, int $line): self
    {
        return new self(new Text('artwork.not_a_drawing.malformed', [
            'reason' => is_string($reason) ? trim($reason) : $reason,
            'line' => $line,
        ]));
    }

    public static function notSvg(string $root): self
    {
        return new self(new Text('artwork.not_a_drawing.not_svg', ['root' => mb_substr($root, 0, 40)]));
    }

    public static function declarations(): self
    {
        return new self(
            new Text('artwork.not_a_drawing.document_type'),
        );
    }

    public static function scripted(string $what): self
    {
        return new self(new Text('artwork.not_a_drawing.script', ['what' => mb_substr($what, 0, 40)]));
    }

    public static function path(string $near): self
    {
        return new self(new Text('artwork.not_a_drawing.path', ['near' => mb_substr($near, 0, 24)]));
    }

    public static function number(): self
    {
        return new self(new Text('artwork.not_a_drawing.number'));
    }

    public static function transform(string $given): self
    {
        return new self(new Text('artwork.not_a_drawing.transform', ['given' => mb_substr($given, 0, 40)]));
    }

    public static function tooDeep(int $most): self
    {
        return new self(new Text('artwork.not_a_drawing.too_deep', ['most' => $most]));
    }

    public static function tooMany(int $most): self
    {
        return new self(new Text('artwork.not_a_drawing.too_many_stitches', ['most' => $most]));
    }

    public static function tooManyLines(int $most): self
    {
        return new self(new Text('artwork.not_a_drawing.too_many_lines', ['most' => $most]));
    }

    public static function tooWide(float $mm): self
    {
        return new self(new Text('artwork.not_a_drawing.too_wide', ['mm' => new Decimal($mm, 0)]));
    }

    public static function nothing(): self
    {
        return new self(new Text('artwork.not_a_drawing.nothing'));
    }
}
