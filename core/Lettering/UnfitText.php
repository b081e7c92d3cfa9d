<?php

declare(strict_types=1);

namespace Hakama\Lettering;

use Hakama\Words\Decimal;
use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** A text that cannot be sewn as it was asked for. */
final class UnfitText extends Refusal
{
    public static function nothing(): self
    {
        return new self(new Text('artwork.unfit_text.nothing'));
    }

    public static function tooManySigns(int $signs, int $most): self
    {
        return new self(new Text('artwork.unfit_text.too_many_signs', ['signs' => $signs, 'most' => $most]));
    }

    public static function unknownSign(string $sign, Alphabet $alphabet): self
    {
        return new self(new Text('artwork.unfit_text.unknown_sign', [
            'sign' => $sign,
            'code' => sprintf('U+%04X', mb_ord($sign)),
            'alphabet' => $alphabet->label(),
        ]));
    }

    public static function tooLow(float $heightMm, float $leastMm, Alphabet $alphabet): self
    {
        return new self(
            new Text('artwork.unfit_text.too_low', [
                'height' => new Decimal($heightMm),
                'least' => new Decimal($leastMm),
                'alphabet' => $alphabet->label(),
                'small' => $alphabet === Alphabet::Small ? 'yes' : 'no',
            ]),
        );
    }

    public static function tooLong(float $mostMm, float $wouldBeMm, float $leastMm): self
    {
        return new self(
            new Text('artwork.unfit_text.too_long', [
                'most' => new Decimal($mostMm),
                'least' => new Decimal($leastMm),
                'would_be' => new Decimal($wouldBeMm),
            ]),
        );
    }

    public static function tooTight(float $radiusMm, float $leastMm): self
    {
        return new self(
            new Text('artwork.unfit_text.too_tight', [
                'radius' => new Decimal($radiusMm),
                'least' => new Decimal(ceil($leastMm), 0),
            ]),
        );
    }

    public static function tooManyOfSize(string $size, int $over): self
    {
        return new self(
            new Text('artwork.unfit_text.too_many_of_size', ['over' => $over, 'size' => $size]),
        );
    }

    /** @param string $without which pieces would have none, in words */
    public static function notAsMany(int $texts, int $pieces, string $without): self
    {
        return new self(
            new Text('artwork.unfit_text.not_as_many', [
                'texts' => $texts,
                'pieces' => $pieces,
                'without' => $without,
            ]),
        );
    }
}
