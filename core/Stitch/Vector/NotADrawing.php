<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector;

use RuntimeException;

/** What was given cannot be sewn as a drawing; the message says why, and where it can. */
final class NotADrawing extends RuntimeException
{
    public static function tooLarge(int $bytes, int $most): self
    {
        return new self(sprintf('the file has %d bytes; at most %d are read', $bytes, $most));
    }

    public static function malformed(string $reason, int $line): self
    {
        return new self(sprintf('it is no well-formed SVG: %s (line %d)', trim($reason), $line));
    }

    public static function notSvg(string $root): self
    {
        return new self(sprintf('its outermost element is "%s", not svg', mb_substr($root, 0, 40)));
    }

    public static function declarations(): self
    {
        return new self(
            'it carries a document type with declarations of its own, which are not read; save it as plain SVG',
        );
    }

    public static function scripted(string $what): self
    {
        return new self(sprintf('it carries a script (%s); save it as plain SVG', mb_substr($what, 0, 40)));
    }

    public static function path(string $near): self
    {
        return new self(sprintf('a path breaks off or holds what is no path, near "%s"', mb_substr($near, 0, 24)));
    }

    public static function number(): self
    {
        return new self('it holds a number that is too large');
    }

    public static function transform(string $given): self
    {
        return new self(sprintf('"%s" is no transform that can be followed', mb_substr($given, 0, 40)));
    }

    public static function tooDeep(int $most): self
    {
        return new self(sprintf('groups lie more than %d deep in one another', $most));
    }

    public static function tooMany(int $most): self
    {
        return new self(sprintf('more than %d stitches would come of it', $most));
    }

    public static function tooManyLines(int $most): self
    {
        return new self(sprintf('it has more than %d lines apart from each other, and each would be trimmed', $most));
    }

    public static function tooWide(float $mm): self
    {
        return new self(sprintf('it reaches over more than %.0f mm; is it drawn in millimetres?', $mm));
    }

    public static function nothing(): self
    {
        return new self('it holds no line, path or shape that could be sewn');
    }
}
