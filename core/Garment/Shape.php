<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Garment\Measure as M;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Point;

/**
 * A garment's part as it lies before the person, from its measures: outline, seams, and where things are measured from.
 * Millimetres, y upwards; x is nought on the centre line and grows towards the viewer's right, which is the wearer's
 * left on a front. A plain figure to measure on, not a pattern to cut by.
 */
final readonly class Shape
{
    /** Of a chest width: how far the neck seam reaches to each side, and how deep it falls. */
    private const NECK_HALF = 0.16;
    private const NECK_DROP = 0.16;
    private const BACK_DROP = 0.035;
    private const SHOULDER_DROP = 0.09;
    private const ARMHOLE = 0.46;
    private const SLEEVE_END = 0.26;
    private const SLEEVE_FALLS_DEG = 40.0;
    /** Long sleeves hang steeper, so that the whole of them is seen, and are narrower at the cuff. */
    private const LONG_END = 0.19;
    private const LONG_FALLS_DEG = 68.0;
    /** Of a leg's length: how deep the rise is. */
    private const RISE = 0.26;
    /** Edgings of blankets and towels, mm. */
    private const EDGING = 15.0;

    /**
     * @param non-empty-list<Point>      $outline closed
     * @param list<Seam>                 $seams
     * @param array<string, Point>       $data    datum => where it is
     * @param non-empty-list<Point>|null $cloth   what may be sewn on, where that is less than the outline: not across
     *     the armholes
     * @param array<string, list<Point>> $parts   what else shows what it is: hood, collar, pocket => its line
     */
    private function __construct(
        public Panel $panel,
        public array $outline,
        public array $seams,
        private array $data,
        private ?array $cloth = null,
        public array $parts = [],
    ) {}

    /** @param Measures $measures what is not in them is taken as starting measures have it */
    public static function of(Garment $garment, Position $position, Measures $measures, Size $size = Size::M): self
    {
        $known = $measures->orElse(StartingMeasures::of($garment, $size));
        $mm = static fn(Measure $measure, float $else = 400.0): float => $known->mm($measure) ?? $else;

        return match (Panel::of($garment, $position)) {
            Panel::Front => self::body(
                $garment,
                Panel::Front,
                $mm(M::ChestWidth),
                $mm(M::BodyLength),
                $mm(M::SleeveLength),
            ),
            Panel::Back => self::body(
                $garment,
                Panel::Back,
                $mm(M::ChestWidth),
                $mm(M::BodyLength),
                $mm(M::SleeveLength),
            ),
            Panel::Sleeve => self::tube(Panel::Sleeve, $mm(M::SleeveWidth), $mm(M::SleeveLength)),
            Panel::Leg => $garment === Garment::Stocking
                ? self::stocking($mm(M::LegWidth), $mm(M::LegLength))
                : self::tube(Panel::Leg, $mm(M::LegWidth), $mm(M::LegLength)),
            Panel::Cap => self::cap($position, $mm(M::Circumference), $mm(M::Height)),
            Panel::Hat => self::hat($mm(M::Circumference), $mm(M::Height), $mm(M::CuffHeight, 80.0)),
            Panel::Pocket => self::pocket($mm(M::PocketWidth), $mm(M::PocketHeight)),
            Panel::Flat => self::flat($garment, $mm(M::Width), $mm(M::Height)),
        };
    }

    /** Where that is measured from; the middle of the piece where the garment has no such thing. */
    public function datum(Datum $datum): Point
    {
        return $this->data[$datum->value] ?? $this->data[Datum::Middle->value];
    }

    public function has(Datum $datum): bool
    {
        return isset($this->data[$datum->value]);
    }

    public function bounds(): Bounds
    {
        return Bounds::around($this->outline);
    }

    /** Whether a point lies on the cloth that may be sewn on, its edge among it (crossings of a ray to the right). */
    public function holds(Point $p): bool
    {
        $edge = $this->cloth ?? $this->outline;
        $inside = false;
        $count = count($edge);
        for ($i = 0, $j = $count - 1; $i < $count; $j = $i++) {
            [$a, $b] = [$edge[$i], $edge[$j]];
            if (self::isOn($p, $a, $b)) {
                return true;
            }
            if (
                $a->y > $p->y !== $b->y > $p->y
                && $p->x < (($b->x - $a->x) * ($p->y - $a->y)) / ($b->y - $a->y) + $a->x
            ) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    private static function isOn(Point $p, Point $a, Point $b): bool
    {
        return abs(($b->x - $a->x) * ($p->y - $a->y) - ($b->y - $a->y) * ($p->x - $a->x)) < 1e-6
            && $p->x >= min($a->x, $b->x) - 1e-9
            && $p->x <= max($a->x, $b->x) + 1e-9
            && $p->y >= min($a->y, $b->y) - 1e-9
            && $p->y <= max($a->y, $b->y) + 1e-9;
    }

    /** Nought is level with the shoulder seam at the neck. */
    private static function body(Garment $garment, Panel $panel, float $chest, float $length, float $sleeve): self
    {
        $neck = $chest * self::NECK_HALF;
        $drop = $chest * ($panel === Panel::Front ? self::NECK_DROP : self::BACK_DROP);
        [$tipX, $tipY] = [$chest * 0.45, -$chest * self::SHOULDER_DROP];
        $arm = -$chest * self::ARMHOLE;
        $long = in_array($garment, [Garment::Hoodie, Garment::Jacket, Garment::PaddedJacket], true);
        $reach = $long ? $sleeve : min($sleeve, $chest * 0.42);
        $end = $chest * ($long ? self::LONG_END : self::SLEEVE_END);
        // Sleeves are spread as a garment is laid on a table, so that they cover nothing of the body.
        $falls = deg2rad($long ? self::LONG_FALLS_DEG : self::SLEEVE_FALLS_DEG);
        $cuff = new Point($tipX + $reach * cos($falls), $tipY - $reach * sin($falls));
        $right = [
            new Point($neck, 0),
            new Point($tipX, $tipY),
            $cuff,
            $cuff->moved(-$end * sin($falls), -$end * cos($falls)),
            new Point($chest / 2, $arm),
            new Point($chest / 2, -$length),
        ];
        $collar = [];
        for ($i = 1; $i < 12; $i++) {
            $t = (M_PI * $i) / 12;
            $collar[] = new Point(-$neck * cos($t), -$drop * sin($t));
        }
        $outline = [...$right, ...self::mirrored($right), ...$collar];
        $side = [$right[0], $right[1], $right[4], $right[5]];
        $front = $panel === Panel::Front;
        $seams = [
            new Seam('shoulder seam', new Point($neck, 0), new Point($tipX, $tipY)),
            new Seam('shoulder seam', new Point(-$neck, 0), new Point(-$tipX, $tipY)),
            new Seam($front ? 'centre front' : 'centre back', new Point(0, -$drop), new Point(0, -$length)),
            new Seam('armhole seam', new Point($tipX, $tipY), new Point($chest / 2, $arm)),
            new Seam('armhole seam', new Point(-$tipX, $tipY), new Point(-$chest / 2, $arm)),
            ...$garment === Garment::Polo && $front
                ? [new Seam('placket', new Point(0, -$drop), new Point(0, -$drop - 150))]
                : [],
            ...in_array($garment, [Garment::Jacket, Garment::PaddedJacket], true) && ! $front
                ? [new Seam('yoke seam', new Point(-$tipX, $tipY - 35), new Point($tipX, $tipY - 35))]
                : [],
        ];

        return new self(
            $panel,
            $outline,
            $seams,
            [
                Datum::ShoulderAtNeck->value => new Point(0, 0),
                ($front ? Datum::NeckSeam : Datum::CollarSeam)->value => new Point(0, -$drop),
                Datum::Hem->value => new Point(0, -$length),
                Datum::PocketEdge->value => new Point($chest * 0.22, -$chest * 0.42),
                Datum::Middle->value => new Point(0, -$length / 2),
            ],
            [...$side, ...self::mirrored($side), ...$collar],
            self::parts($garment, $front, $chest, $length, $neck, $drop),
        );
    }

    /** @return array<string, list<Point>> the hood and pocket of a hoodie, the collar of a jacket and where it opens */
    private static function parts(
        Garment $garment,
        bool $front,
        float $chest,
        float $length,
        float $neck,
        float $drop,
    ): array {
        $hem = 0.05 * $length;
        $pocket = [
            new Point(-0.3 * $chest, -$length + $hem),
            new Point(-0.3 * $chest, -$length + 0.18 * $length),
            new Point(-0.2 * $chest, -$length + 0.3 * $length),
            new Point(0.2 * $chest, -$length + 0.3 * $length),
            new Point(0.3 * $chest, -$length + 0.18 * $length),
            new Point(0.3 * $chest, -$length + $hem),
        ];
        $rib = [new Point(-$chest / 2, -$length + $hem), new Point($chest / 2, -$length + $hem)];
        $collar = [
            new Point(-$neck, 0),
            new Point(-0.8 * $neck, 0.12 * $chest),
            new Point(0.8 * $neck, 0.12 * $chest),
            new Point($neck, 0),
        ];

        return match ($garment) {
            Garment::Hoodie => [
                'hood' => self::hood($neck, 0.42 * $chest, $front ? 0.0 : $drop),
                'rib' => $rib,
                ...$front ? ['pocket' => $pocket] : [],
            ],
            Garment::Jacket, Garment::PaddedJacket => [
                'collar' => $collar,
                'rib' => $rib,
                ...$front ? ['opening' => [new Point(0, 0.12 * $chest), new Point(0, -$length)]] : [],
            ],
            default => [],
        };
    }

    /** @return list<Point> from the one side of the neck over the top to the other; on a back it hangs down */
    private static function hood(float $neck, float $height, float $hangs): array
    {
        $points = [];
        for ($i = 0; $i <= 16; $i++) {
            $t = (M_PI * $i) / 16;
            $points[] = new Point(
                -1.25 * $neck * cos($t),
                $hangs > 0.0 ? -0.6 * $height * sin($t) : $height * sin($t) ** 0.7,
            );
        }

        return $points;
    }

    /**
     * @param non-empty-list<Point> $right
     *
     * @return non-empty-list<Point> the other side, in the same sense round
     */
    private static function mirrored(array $right): array
    {
        return array_map(static fn(Point $p): Point => new Point(-$p->x, $p->y), array_reverse($right));
    }

    /** A sleeve hangs with its hem below, a leg from its waistband; the outer seam or crease is the centre line. */
    private static function tube(Panel $panel, float $width, float $length): self
    {
        $wide = $width * 1.35;
        // The inner seam of a leg ends at the crotch, and the rise goes from there to the waistband.
        $rise = self::RISE * $length;
        $inner = $panel === Panel::Leg ? [new Point($wide / 2, -$rise), new Point($wide * 0.4, 0)] : [new Point($wide / 2, 0)];
        $outline = [
            new Point(-$width / 2, -$length),
            new Point($width / 2, -$length),
            ...$inner,
            new Point(-$wide / 2, 0),
        ];
        $upper = $panel === Panel::Leg ? 'waistband' : 'upper end';

        return new self(
            $panel,
            $outline,
            [
                new Seam('outer seam or crease', new Point(0, 0), new Point(0, -$length)),
                new Seam($upper, new Point(-$wide / 2, 0), new Point($wide / 2, 0)),
                new Seam('hem', new Point(-$width / 2, -$length), new Point($width / 2, -$length)),
            ],
            [
                Datum::Hem->value => new Point(0, -$length),
                Datum::Waistband->value => new Point(0, 0),
                Datum::Middle->value => new Point(0, -$length / 2),
            ],
        );
    }

    /** It hangs from its opening; heel and foot are below, and what is sewn goes on the leg. */
    private static function stocking(float $width, float $length): self
    {
        $half = $width / 2;
        $ankle = -0.62 * $length;
        $leg = [
            new Point(-$half, 0),
            new Point(-$half, $ankle),
            new Point($half, $ankle),
            new Point($half, 0),
        ];
        $outline = [
            new Point(-$half, 0),
            new Point(-$half, $ankle),
            new Point(-1.12 * $half, -0.74 * $length),
            new Point(-0.95 * $half, -0.9 * $length),
            new Point(-0.3 * $half, -$length),
            new Point(1.5 * $half, -$length),
            new Point(2.15 * $half, -0.93 * $length),
            new Point(2.2 * $half, -0.8 * $length),
            new Point(1.8 * $half, -0.71 * $length),
            new Point($half, $ankle),
            new Point($half, 0),
        ];

        return new self(
            Panel::Leg,
            $outline,
            [
                new Seam('outer seam or crease', new Point(0, 0), new Point(0, $ankle)),
                new Seam('opening', new Point(-$half, 0), new Point($half, 0)),
            ],
            [
                Datum::Hem->value => new Point(0, $ankle),
                Datum::Waistband->value => new Point(0, 0),
                Datum::CuffFold->value => new Point(0, 0),
                Datum::Middle->value => new Point(0, $ankle / 2),
            ],
            $leg,
            [
                'cuff' => [new Point(-$half, -0.24 * $length), new Point($half, -0.24 * $length)],
                'heel' => [new Point(-$half, $ankle), new Point(-0.25 * $half, -0.78 * $length), new Point(-0.95 * $half, -0.9 * $length)],
                'toe' => [new Point(1.5 * $half, -$length), new Point(1.55 * $half, -0.72 * $length)],
            ],
        );
    }

    /**
     * A quarter of the way round to each side, opened flat: nought is the seam at the bill, the sweatband or the
     * strap.
     */
    private static function cap(Position $position, float $circumference, float $height): self
    {
        $half = $circumference / 4;
        $outline = [new Point(-$half, 0), new Point($half, 0)];
        for ($i = 1; $i < 24; $i++) {
            $t = (M_PI * $i) / 24;
            // A flattened dome: broad shoulders, as the panels of a cap have them.
            $outline[] = new Point($half * (cos($t) <=> 0) * abs(cos($t)) ** 0.6, $height * sin($t) ** 0.6);
        }
        $datum = match ($position) {
            Position::CapSide => Datum::SweatbandSeam,
            Position::CapBack => Datum::StrapOpening,
            default => Datum::BillSeam,
        };

        return new self(
            Panel::Cap,
            $outline,
            [
                new Seam(
                    $position === Position::CapBack
                        ? 'back seam'
                        : ($position === Position::CapSide
                            ? 'middle of the side'
                            : 'front seam'),
                    new Point(0, 0),
                    new Point(0, $height),
                ),
                new Seam($datum->value, new Point(-$half, 0), new Point($half, 0)),
            ],
            [$datum->value => new Point(0, 0), Datum::Middle->value => new Point(0, $height / 2)],
        );
    }

    /** Nought is the upper fold of the cuff. */
    private static function hat(float $circumference, float $height, float $cuff): self
    {
        $half = $circumference / 4;
        $outline = [new Point(-$half, -$cuff), new Point($half, -$cuff), new Point($half, 0)];
        for ($i = 1; $i < 16; $i++) {
            $t = (M_PI * $i) / 16;
            $outline[] = new Point($half * cos($t), ($height - $cuff) * sin($t) ** 0.7);
        }
        $outline[] = new Point(-$half, 0);

        return new self(
            Panel::Hat,
            $outline,
            [
                new Seam('upper fold of the cuff', new Point(-$half, 0), new Point($half, 0)),
                new Seam('opposite the join', new Point(0, 0), new Point(0, -$cuff)),
            ],
            [Datum::CuffFold->value => new Point(0, 0), Datum::Middle->value => new Point(0, -$cuff / 2)],
        );
    }

    private static function pocket(float $width, float $height): self
    {
        return new self(
            Panel::Pocket,
            [
                new Point(-$width / 2, -$height),
                new Point($width / 2, -$height),
                new Point($width / 2, 0),
                new Point(-$width / 2, 0),
            ],
            [new Seam('upper edge of the pocket', new Point(-$width / 2, 0), new Point($width / 2, 0))],
            [Datum::PocketEdge->value => new Point(0, 0), Datum::Middle->value => new Point(0, -$height / 2)],
        );
    }

    /** Nought is the middle. The corner is the one at the lower right, inside the edging. */
    private static function flat(Garment $garment, float $width, float $height): self
    {
        [$w, $h] = [$width / 2, $height / 2];
        $outline = match ($garment) {
            Garment::Apron => [
                new Point(-$w, -$h),
                new Point($w, -$h),
                new Point($w, $h * 0.3),
                new Point($w * 0.44, $h),
                new Point(-$w * 0.44, $h),
                new Point(-$w, $h * 0.3),
            ],
            Garment::Glove => [
                new Point(-$w * 0.8, -$h),
                new Point($w * 0.8, -$h),
                new Point($w, -$h * 0.2),
                new Point($w, $h * 0.7),
                new Point($w * 0.4, $h),
                new Point(-$w * 0.4, $h),
                new Point(-$w, $h * 0.7),
                new Point(-$w, -$h * 0.2),
            ],
            default => [new Point(-$w, -$h), new Point($w, -$h), new Point($w, $h), new Point(-$w, $h)],
        };
        $edging = in_array($garment, [Garment::Blanket, Garment::Towel], true) ? self::EDGING : 0.0;

        return new self(
            Panel::Flat,
            $outline,
            [
                new Seam('middle', new Point(0, -$h), new Point(0, $h)),
                ...$edging > 0.0
                    ? [
                        new Seam('edging', new Point(-$w, -$h + $edging), new Point($w, -$h + $edging)),
                        new Seam('edging', new Point($w - $edging, -$h), new Point($w - $edging, $h)),
                    ]
                    : [],
            ],
            [
                Datum::CornerInside->value => new Point($w - $edging, -$h + $edging),
                Datum::Hem->value => new Point(0, -$h),
                Datum::Middle->value => new Point(0, 0),
            ],
        );
    }
}
