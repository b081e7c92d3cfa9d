<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** What is left on the bobbins of a machine: every head has one, and all are changed together. */
final readonly class Bobbin
{
    /**
     * @param float $holdsM a full one, metres
     * @param float $usedM  since it was changed, of each head
     */
    public function __construct(public float $holdsM, public float $usedM) {}

    public function leftM(): float
    {
        return max(0.0, $this->holdsM - $this->usedM);
    }

    /** @param float $perPieceM metres of bobbin thread that one piece takes; above zero */
    public function pieces(float $perPieceM): int
    {
        return (int) floor($this->leftM() / $perPieceM + 1e-9);
    }

    /**
     * @param float $perPieceM metres of bobbin thread that one piece takes
     * @param int   $done      pieces of the batch that are sewn already
     * @param int   $of        pieces of the batch
     * @param int   $heads     pieces a load
     */
    public function words(float $perPieceM, int $done, int $of, int $heads): string
    {
        $loads = $this->pieces($perPieceM);
        $next = $done + $loads * $heads + 1;

        return match (true) {
            $loads < 1 => sprintf(
                'The bobbin holds %.1f m and a piece takes %.1f: change it now.',
                $this->leftM(),
                $perPieceM,
            ),
            $next > $of => sprintf(
                'The bobbin lasts to the end of the batch: %s.',
                self::piecesInWords($loads * $heads),
            ),
            default => sprintf(
                'The bobbin lasts %s: change it before no. %d.',
                self::piecesInWords($loads * $heads),
                $next,
            ),
        };
    }

    private static function piecesInWords(int $pieces): string
    {
        return $pieces === 1 ? 'one piece' : "{$pieces} pieces";
    }
}
