<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Figures\StitchLengths;
use InvalidArgumentException;

/** How long one load sews, seconds, and where the time goes. */
final readonly class RunTime
{
    /** What nobody has a tape of is taken to be sewn in stitches of this length, and trimmed so often a colour. */
    private const USUAL_STITCH_MM = 2.5;
    private const USUAL_TRIMS = 2;

    private function __construct(
        public int $stitches,
        public float $sewingS,
        public float $changesS,
        public float $trimsS,
        public float $rampsS,
        public float $stopsS,
        public float $breaksS,
    ) {}

    /** About how long a load sews of which only stitches and colours are known. */
    public static function about(
        int $stitches,
        int $colours,
        float $setSpm,
        SpeedCurve $curve,
        RunTimeRules $rules,
        int $heads = 1,
    ): self {
        return self::of(
            StitchLengths::of([(int) round((10 * self::USUAL_STITCH_MM) ** 2) => $stitches]),
            $colours - 1,
            self::USUAL_TRIMS * $colours,
            $setSpm,
            $curve,
            $rules,
            $heads,
        );
    }

    /**
     * Σ 60 / min(set speed, speed at that length), and what changes, trims, starts, halts and breaks cost.
     *
     * @param float $setSpm   the speed set on the machine, stitches per minute
     * @param int   $heads    heads sewing at once: a break on one halts all
     * @param float $handsS  that people take at stops where they have something to do
     */
    public static function of(
        StitchLengths $lengths,
        int $changes,
        int $trims,
        float $setSpm,
        SpeedCurve $curve,
        RunTimeRules $rules,
        int $heads = 1,
        float $handsS = 0.0,
    ): self {
        if ($setSpm <= 0 || $heads < 1) {
            throw new InvalidArgumentException('a run wants a speed above zero and at least one head');
        }
        $sewing = 0.0;
        foreach ($lengths->counts as $square => $count) {
            $sewing += ($count * 60) / min($setSpm, $curve->spmAt(sqrt($square) / 10));
        }
        $stitches = $lengths->stitches();

        return new self(
            stitches: $stitches,
            sewingS: $sewing,
            changesS: $changes * $rules->changeS,
            trimsS: $trims * $rules->trimS,
            rampsS: (1 + $changes + $trims) * $rules->rampS,
            stopsS: $handsS,
            breaksS: (($heads * $stitches) / 1000) * $rules->breaksPer1000 * $rules->breakS,
        );
    }

    public static function ofFigures(
        PatternFigures $figures,
        float $setSpm,
        SpeedCurve $curve,
        RunTimeRules $rules,
        int $heads = 1,
    ): self {
        return self::of(
            $figures->lengths,
            $figures->counts->changes,
            $figures->counts->trims,
            $setSpm,
            $curve,
            $rules,
            $heads,
        );
    }

    public function seconds(): float
    {
        return $this->sewingS + $this->changesS + $this->trimsS + $this->rampsS + $this->stopsS + $this->breaksS;
    }

    /** Stitches per minute over the whole load, halts and all. */
    public function meanSpm(): float
    {
        return ($this->stitches / $this->seconds()) * 60;
    }
}
