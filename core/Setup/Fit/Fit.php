<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\House\Units;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Tube\AlongTube;
use Hakama\Setup\Tube\Hooping;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;

/** One design, turned one way, in the window of one frame, put where the slack is greatest. */
final readonly class Fit
{
    /**
     * @param Point $centre     where the middle of the design's box comes to lie, from the window's middle, mm
     * @param float $clearMm    from the tightest sewn point to the window's edge; below zero it does not go in
     * @param Point $tightest   that point, from the window's middle
     * @param Slack $slack      between the design's box and the window's box
     * @param ConvexHull $placed the design as it lies there, from the window's middle
     * @param Hoopings|null $hoopings where it is sewn in several; all the rest is about the tightest of them
     * @param Bounds|null   $part     what of the design that one sews, as the design lies before it is turned
     */
    private function __construct(
        public FrameSpec $frame,
        public Turn $turn,
        public Point $centre,
        public float $clearMm,
        public Point $tightest,
        public Slack $slack,
        public float $marginMm,
        public ConvexHull $placed,
        public ?Hoopings $hoopings = null,
        public ?Bounds $part = null,
    ) {}

    /**
     * @param float          $marginMm foot radius and a little: nothing may be sewn nearer to the edge
     * @param AlongTube|null $tube     where the design goes along one
     */
    public static function of(
        ConvexHull $hull,
        FrameSpec $frame,
        Turn $turn,
        float $marginMm,
        ?AlongTube $tube = null,
    ): self {
        $hoopings = $tube?->hoopings($hull->bounds(), $frame, $turn);
        $tightest = null;
        foreach ($hoopings->hoopings ?? [] as $hooping) {
            $fit = self::ofHooping($hull, $hooping, $frame, $turn, $marginMm, $hoopings);
            $tightest = $tightest !== null && $tightest->clearMm <= $fit->clearMm ? $tightest : $fit;
        }

        return $tightest ?? self::ofWhole($hull, $frame, $turn, $marginMm, $hoopings);
    }

    private static function ofHooping(
        ConvexHull $hull,
        Hooping $hooping,
        FrameSpec $frame,
        Turn $turn,
        float $marginMm,
        ?Hoopings $hoopings,
    ): self {
        $part = $hull->between($hooping->fromMm, $hooping->toMm) ?? $hull;

        return self::ofWhole($part, $frame, $turn, $marginMm, $hoopings, $part->bounds());
    }

    private static function ofWhole(
        ConvexHull $hull,
        FrameSpec $frame,
        Turn $turn,
        float $marginMm,
        ?Hoopings $hoopings = null,
        ?Bounds $part = null,
    ): self {
        $turned = $hull->turned($turn);
        $box = $turned->bounds();
        $middle = $box->centre();
        $placed = array_map(static fn(Point $p): Point => $p->moved(-$middle->x, -$middle->y), $turned->points);
        $centre = \Hakama\Setup\Fit\Internal\BestCentre::of($placed, $frame->window);

        $clear = INF;
        $tightest = $centre;
        foreach ($placed as $point) {
            $point = $point->moved($centre->x, $centre->y);
            $inside = $frame->window->insideMm($point);
            if ($inside < $clear) {
                [$clear, $tightest] = [$inside, $point];
            }
        }
        [$halfWidth, $halfHeight] = [$frame->window->widthMm / 2, $frame->window->heightMm / 2];

        return new self(
            $frame,
            $turn,
            $centre,
            $clear,
            $tightest,
            new Slack(
                $halfWidth + $centre->x - $box->width() / 2,
                $halfWidth - $centre->x - $box->width() / 2,
                $halfHeight - $centre->y - $box->height() / 2,
                $halfHeight + $centre->y - $box->height() / 2,
            ),
            $marginMm,
            $turned->moved($centre->x - $middle->x, $centre->y - $middle->y),
            $hoopings,
            $part,
        );
    }

    /**
     * From the machine's own idea of the centre to where the middle of the design has to be. They are one only where
     * the window lies about the machine's centre: a clamp with exchangeable windows is taken for the largest frame.
     */
    public function fromMachineCentre(): Point
    {
        return $this->centre->moved($this->frame->offsetX, $this->frame->offsetY);
    }

    /**
     * How far the nearest sewn point is from each corner of the window's box.
     *
     * @return array{float, float, float, float} upper left, upper right, lower right, lower left, mm
     */
    public function cornersMm(): array
    {
        [$x, $y] = [$this->frame->window->widthMm / 2, $this->frame->window->heightMm / 2];

        return [
            $this->nearestMm(new Point(-$x, $y)),
            $this->nearestMm(new Point($x, $y)),
            $this->nearestMm(new Point($x, -$y)),
            $this->nearestMm(new Point(-$x, -$y)),
        ];
    }

    /** To the outline of the design as it lies in the window. */
    private function nearestMm(Point $from): float
    {
        $nearest = INF;
        $count = count($this->placed->points);
        for ($i = 0; $i < $count; $i++) {
            [$a, $b] = [$this->placed->points[$i], $this->placed->points[($i + 1) % $count]];
            [$dx, $dy] = [$b->x - $a->x, $b->y - $a->y];
            $length = $dx ** 2 + $dy ** 2;
            $along =
                $length < 1e-12
                    ? 0.0
                    : max(0.0, min(1.0, (($from->x - $a->x) * $dx + ($from->y - $a->y) * $dy) / $length));
            $nearest = min($nearest, $from->distanceTo($a->moved($along * $dx, $along * $dy)));
        }

        return $nearest;
    }

    /** From the corners of the design's box to the window's edge: what a trace of the box alone would meet. */
    public function boxClearMm(): float
    {
        $box = $this->placed->bounds();

        return min(
            $this->frame->window->insideMm(new Point($box->left, $box->bottom)),
            $this->frame->window->insideMm(new Point($box->right, $box->bottom)),
            $this->frame->window->insideMm(new Point($box->left, $box->top)),
            $this->frame->window->insideMm(new Point($box->right, $box->top)),
        );
    }

    public function fits(): bool
    {
        // Tenths of a millimetre are all a tape knows; a hair less than the margin is rounding.
        return $this->clearMm >= $this->marginMm - 1e-6 && $this->hoopings?->obstacle() === null;
    }

    /** How often it is hooped. */
    public function times(): int
    {
        return $this->hoopings?->all() ?? 1;
    }

    public function because(Units $units = Units::Millimetres): Text
    {
        $obstacle = $this->hoopings?->obstacle($units);
        if ($obstacle !== null) {
            return $obstacle;
        }

        return new Text($this->fits() ? 'setup.fit.fits' : 'setup.fit.too_tight', [
            'clear' => $units->said($this->clearMm, 1),
            'needed' => $units->said($this->marginMm, 1),
        ]);
    }
}
