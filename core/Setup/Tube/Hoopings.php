<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Units;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Stitch\Band;
use Hakama\Words\Text;

/**
 * The fewest hoopings in which all motifs along a tube can be sewn, each whole in one. Swept from one end: the first
 * motif not yet sewn has to be in some hooping, and the one that begins with it takes most of those that follow.
 */
final readonly class Hoopings
{
    /**
     * @param list<Hooping> $hoopings from the end at nought on
     * @param list<Motif>   $refused  longer than one hooping reaches
     */
    private function __construct(public array $hoopings, public array $refused, public float $reachMm) {}

    /** @param list<Motif> $motifs in any order */
    public static function of(array $motifs, float $reachMm): self
    {
        $refused = array_values(
            array_filter($motifs, static fn(Motif $motif): bool => $motif->heightMm() > $reachMm + 1e-9),
        );
        $left = array_values(
            array_filter($motifs, static fn(Motif $motif): bool => $motif->heightMm() <= $reachMm + 1e-9),
        );
        usort($left, static fn(Motif $a, Motif $b): int => [$a->fromMm, $a->toMm] <=> [$b->fromMm, $b->toMm]);
        $hoopings = [];
        while ($left !== []) {
            $first = array_shift($left);
            [$taken, $to, $rest] = [[$first], $first->toMm, []];
            foreach ($left as $motif) {
                if ($motif->toMm <= $first->fromMm + $reachMm + 1e-9) {
                    [$taken[], $to] = [$motif, max($to, $motif->toMm)];
                } else {
                    $rest[] = $motif;
                }
            }
            $hoopings[] = new Hooping($taken, $first->fromMm, $to, ($first->fromMm + $to) / 2);
            $left = $rest;
        }

        return new self($hoopings, $refused, $reachMm);
    }

    /**
     * The same swept from the other end, the hoopings in the order in which they are met from there.
     *
     * @param list<Motif> $motifs in any order
     */
    public static function fromTop(array $motifs, float $reachMm): self
    {
        $over = static fn(Motif $one): Motif => new Motif($one->name, -$one->toMm, -$one->fromMm);
        $found = self::of(array_map($over, $motifs), $reachMm);

        return new self(
            array_map(
                static fn(Hooping $one): Hooping => new Hooping(
                    array_map($over, $one->motifs),
                    -$one->toMm,
                    -$one->fromMm,
                    -$one->markMm,
                ),
                $found->hoopings,
            ),
            array_map($over, $found->refused),
            $reachMm,
        );
    }

    /**
     * So much of a tube is sewn at one hooping: on its own driver as far as the house reaches, and nowhere further than
     * the window lets it.
     */
    public static function reachMm(HouseRules $house, ?FrameSpec $frame): float
    {
        $reach = $house->value(HouseRule::TubeReach);
        $room = $frame === null ? INF : $frame->window->heightMm - 2 * $house->value(HouseRule::Margin);

        return $frame === null || $frame->driver === Driver::Cylinder ? min($reach, $room) : $room;
    }

    /** In all, with those that can only be sewn by themselves in something larger. */
    public function all(): int
    {
        return count($this->hoopings) + count($this->refused);
    }

    /**
     * How often a tube is hooped for one design: by the bands in which it is sewn, where they are known.
     *
     * @param list<Band> $bands
     */
    public static function count(float $heightMm, array $bands, float $reachMm): int
    {
        $motifs = array_map(static fn(Band $band): Motif => new Motif('', $band->bottom, $band->top), $bands);

        return $motifs === [] ? (int) ceil($heightMm / $reachMm - 1e-9) : self::of($motifs, $reachMm)->all();
    }

    /** Why it cannot all be sewn; null when it can. */
    public function obstacle(Units $units = Units::Millimetres): ?Text
    {
        return $this->refused === []
            ? null
            : new Text($this->refused[0]->name === '' ? 'setup.tube.part_too_long' : 'setup.tube.motif_too_long', [
                'motif' => $this->refused[0]->name,
                'height' => $units->said($this->refused[0]->heightMm()),
                'reach' => $units->said($this->reachMm),
            ]);
    }
}
