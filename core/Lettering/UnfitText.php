<?php

declare(strict_types=1);

namespace Hakama\Lettering;

use DomainException;

/** A text that cannot be sewn as it was asked for. */
final class UnfitText extends DomainException
{
    public static function nothing(): self
    {
        return new self('There is nothing to sew: type the text');
    }

    public static function tooManySigns(int $signs, int $most): self
    {
        return new self(sprintf('%d signs are more than the %d one line may have', $signs, $most));
    }

    public static function unknownSign(string $sign, Alphabet $alphabet): self
    {
        return new self(sprintf('“%s” (U+%04X) is not in the %s alphabet', $sign, mb_ord($sign), $alphabet->label()));
    }

    public static function tooLow(float $heightMm, float $leastMm, Alphabet $alphabet): self
    {
        return new self(
            sprintf(
                'Letters %s mm high are too low for the %s alphabet, which starts at %s mm%s',
                round($heightMm, 1),
                $alphabet->label(),
                round($leastMm, 1),
                $alphabet === Alphabet::Small ? '' : ': take the small one',
            ),
        );
    }

    public static function tooLong(float $mostMm, float $wouldBeMm, float $leastMm): self
    {
        return new self(
            sprintf(
                'it does not go into %s mm: at the least height of %s mm it is %s mm long',
                round($mostMm, 1),
                round($leastMm, 1),
                round($wouldBeMm, 1),
            ),
        );
    }

    public static function tooTight(float $radiusMm, float $leastMm): self
    {
        return new self(
            sprintf(
                'An arc of %s mm radius is too tight for this text: it wants %s mm',
                round($radiusMm, 1),
                ceil($leastMm),
            ),
        );
    }

    public static function tooManyOfSize(string $size, int $over): self
    {
        return new self(
            sprintf('%d more %s for size %s than there are pieces of it', $over, $over === 1 ? 'text' : 'texts', $size),
        );
    }

    /** @param string $without which pieces would have none, in words */
    public static function notAsMany(int $texts, int $pieces, string $without): self
    {
        return new self(
            sprintf(
                '%d %s for %d pieces: one text a piece%s',
                $texts,
                $texts === 1 ? 'text' : 'texts',
                $pieces,
                $without === '' ? '' : ", still without: {$without}",
            ),
        );
    }
}
