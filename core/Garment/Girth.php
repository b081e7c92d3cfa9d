<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Garment\Measure as M;

/** How far round a garment is where it is sewn: what has to go in there goes into this. */
final readonly class Girth
{
    /** Of a leg's length from the waistband down: there it is widest. */
    private const RISE = 0.26;
    /** What a tube widens to its upper end, where nobody has measured it there. */
    private const WIDENS = 1.35;

    private function __construct(public float $mm, public Measure $measure, public Provenance $from) {}

    /** Laid flat it is half as wide. */
    public function flatMm(): float
    {
        return $this->mm / 2;
    }

    /**
     * @param float|null $downMm from the upper end of a tube to the middle of what is sewn; null where that is not known:
     *     then its narrowest place counts
     *
     * @return self|null null where it is no tube, or nobody knows how wide it is
     */
    public static function of(Garment $garment, Position $position, Measures $mm, ?float $downMm = null): ?self
    {
        $panel = Panel::of($garment, $position);
        $round = static fn(M $measure, float $times = 2.0): ?self => $mm->mm($measure) === null
            ? null
            : new self($times * $mm->mm($measure), $measure, $mm->from($measure));
        $known = $garment === Garment::Cap || $panel === Panel::Front || $panel === Panel::Back
            ? null
            : $round(M::Circumference, 1.0);

        return match (true) {
            $garment === Garment::Cap, $garment === Garment::Apron => null,
            $known !== null => $known,
            $panel === Panel::Front, $panel === Panel::Back => $round(M::ChestWidth),
            $garment === Garment::Stocking => $round(M::LegWidth),
            $panel === Panel::Leg => self::along($mm, M::LegWidth, M::LegLength, $downMm, self::RISE),
            $panel === Panel::Sleeve => self::along($mm, M::SleeveWidth, M::SleeveLength, $downMm, 0.0),
            $position === Position::Cuff => $round(M::SleeveWidth),
            $garment === Garment::Pocket => $round(M::PocketWidth),
            in_array($garment, [Garment::Bag, Garment::Glove], true) => $round(M::Width),
            default => null,
        };
    }

    /** Between its hem and its upper end it widens evenly. */
    private static function along(Measures $mm, M $hem, M $length, ?float $downMm, float $from): ?self
    {
        $narrow = $mm->mm($hem);
        if ($narrow === null) {
            return null;
        }
        $all = $mm->mm($length);
        $wide = $mm->mm(M::UpperWidth) ?? self::WIDENS * $narrow;
        $up = $downMm === null || $all === null || $all <= 0.0
            ? 0.0
            : max(0.0, min(1.0, ($all - $downMm) / ($all * (1 - $from))));

        return new self(2 * ($narrow + $up * ($wide - $narrow)), $hem, $mm->from($hem));
    }
}
