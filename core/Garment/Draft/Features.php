<?php

declare(strict_types=1);

namespace Hakama\Garment\Draft;

use Hakama\Garment\Datum;
use Hakama\Garment\Fabric;
use Hakama\Garment\Feature;
use Hakama\Garment\FeatureKind as Kind;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure as M;
use Hakama\Garment\Measures;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Shape;
use Hakama\Stitch\Point;

/** What lies on each part of each garment: closures, seams, pockets, openings, where the needle may meet them. */
final class Features
{
    /** A seam that is felled is folded into itself. */
    private const FELLED = 4;
    private const HEM_RIB = 60.0;
    private const WAISTBAND = 40.0;
    private const QUILTED_EVERY = 80.0;
    private const FLAP_WIDE = 130.0;
    private const FLAP_HIGH = 60.0;
    private const EYELET = 4.0;
    private const HANDLE = ['wide' => 25.0, 'sewn' => 40.0];

    /**
     * @param Measures $mm everything that is known or estimated
     *
     * @return list<Feature>
     */
    public static function on(Garment $garment, Position $position, Shape $shape, Measures $mm, ?Fabric $fabric): array
    {
        return match ($shape->panel) {
            Panel::Front => self::front($garment, $shape, $mm, $fabric),
            Panel::Back => self::back($garment, $shape, $mm, $fabric),
            Panel::Leg => $garment === Garment::Stocking ? self::stocking($mm) : self::leg($mm),
            Panel::Sleeve, Panel::Pocket => [],
            Panel::Cap => self::cap($position, $mm),
            Panel::Hat => self::hat($mm),
            Panel::Flat => self::flat($garment, $mm),
        };
    }

    /** @return list<Feature> */
    private static function front(Garment $garment, Shape $shape, Measures $mm, ?Fabric $fabric): array
    {
        $top = $shape->datum(Datum::NeckSeam)->y;
        $hem = $shape->datum(Datum::Hem)->y;
        $centred = static fn(Kind $kind, string $name, float $width, float $bottom): Feature => Feature::patch(
            $kind,
            $name,
            -$width / 2,
            $width / 2,
            $bottom,
            $top,
        );
        $found = self::body($shape);
        $placket = $mm->mm(M::PlacketWidth);
        $isDenim = $garment !== Garment::Jacket || $fabric === Fabric::Denim || $fabric === null;
        if ($placket !== null && $isDenim) {
            $length = $mm->mm(M::PlacketLength);
            $found[] = $centred(Kind::Placket, 'placket', $placket, $length === null ? $hem : max($hem, $top - $length));
        }
        $zip = $mm->mm(M::ZipWidth) ?? ($isDenim ? null : 35.0);
        if ($zip !== null) {
            $found[] = $centred(Kind::Zip, 'zip', $zip, $hem);
        }
        $pocketTop = $mm->mm(M::PocketTop);
        if ($pocketTop !== null) {
            $half = ($mm->mm(M::PocketWidth) ?? 0.0) / 2;
            $found[] = Feature::patch(
                Kind::Pocket,
                'front_pocket',
                -$half,
                $half,
                $hem + self::HEM_RIB,
                $hem + $pocketTop,
            );
        }

        return match ($garment) {
            Garment::Hoodie => [...$found, self::across($shape, 'hem_rib', $hem + self::HEM_RIB)],
            Garment::Jacket => [
                ...$found,
                ...$isDenim ? self::flaps($shape, $mm) : [],
                self::across($shape, 'waistband_seam', $hem + self::WAISTBAND),
            ],
            Garment::PaddedJacket => [...$found, ...self::quilting($shape, $top, $hem)],
            default => $found,
        };
    }

    /** @return list<Feature> */
    private static function back(Garment $garment, Shape $shape, Measures $mm, ?Fabric $fabric): array
    {
        $top = $shape->datum(Datum::CollarSeam)->y;
        $hem = $shape->datum(Datum::Hem)->y;
        $found = self::body($shape);
        $yoke = $mm->mm(M::YokeDown);
        if ($yoke !== null && ($fabric === Fabric::Denim || $fabric === null)) {
            $found[] = self::across($shape, 'yoke_seam', $top - $yoke);
        }

        return match ($garment) {
            Garment::Hoodie => [...$found, self::across($shape, 'hem_rib', $hem + self::HEM_RIB)],
            Garment::Jacket => [...$found, self::across($shape, 'waistband_seam', $hem + self::WAISTBAND)],
            Garment::PaddedJacket => [...$found, ...self::quilting($shape, $top, $hem)],
            default => $found,
        };
    }

    /** @return list<Feature> the seams at its edges: shoulders, armholes, sides */
    private static function body(Shape $shape): array
    {
        $hem = $shape->datum(Datum::Hem)->y;
        $found = [];
        foreach ($shape->seams as $seam) {
            if (in_array($seam->name, ['shoulder_seam', 'armhole_seam'], true)) {
                $found[] = Feature::line(Kind::Seam, $seam->name, $seam->from, $seam->to);
            }
            if ($seam->name === 'armhole_seam') {
                $found[] = Feature::line(Kind::Seam, 'side_seam', $seam->to, new Point($seam->to->x, $hem));
            }
        }

        return $found;
    }

    /** @return list<Feature> the flaps of two chest pockets */
    private static function flaps(Shape $shape, Measures $mm): array
    {
        $down = $mm->mm(M::PocketDown);
        if ($down === null) {
            return [];
        }
        $middle = $shape->datum(Datum::PocketEdge)->x;
        $half = self::FLAP_WIDE / 2;

        return [
            Feature::patch(
                Kind::Pocket,
                'chest_pocket_flap',
                $middle - $half,
                $middle + $half,
                -$down - self::FLAP_HIGH,
                -$down,
            ),
            Feature::patch(
                Kind::Pocket,
                'chest_pocket_flap',
                -$middle - $half,
                -$middle + $half,
                -$down - self::FLAP_HIGH,
                -$down,
            ),
        ];
    }

    /** @return list<Feature> */
    private static function quilting(Shape $shape, float $top, float $hem): array
    {
        $found = [];
        for ($y = $top - self::QUILTED_EVERY; $y > $hem; $y -= self::QUILTED_EVERY) {
            $found[] = self::across($shape, 'quilting_seam', $y, 1)->sewnOver();
        }

        return $found;
    }

    private static function across(Shape $shape, string $name, float $y, ?int $layers = null): Feature
    {
        $box = $shape->bounds();
        $sides = array_map(static fn(Point $p): float => $p->x, $shape->cloth());

        return Feature::line(
            Kind::Seam,
            $name,
            new Point(max($box->left, min($sides)), $y),
            new Point(min($box->right, max($sides)), $y),
            $layers,
        );
    }

    /**
     * The outer seam, in the middle of what is seen, is where designs go; the inner one lies below. The bags of the pockets
     * hang from the waistband.
     *
     * @return list<Feature>
     */
    private static function leg(Measures $mm): array
    {
        $length = $mm->mm(M::LegLength) ?? 0.0;
        $half = ($mm->mm(M::UpperWidth) ?? $mm->mm(M::LegWidth) ?? 0.0) / 2;
        $hem = ($mm->mm(M::LegWidth) ?? 0.0) / 2;
        $bags = $mm->mm(M::PocketDown);

        return [
            Feature::line(Kind::Seam, 'outer_seam', new Point(0, 0), new Point(0, -$length))->sewnOver(),
            Feature::line(Kind::Hem, 'hem', new Point(-$hem, -$length), new Point($hem, -$length)),
            ...$bags === null ? [] : [Feature::patch(Kind::Pocket, 'pocket_bag', -$half, $half, -$bags, 0.0)],
        ];
    }

    /** @return list<Feature> */
    private static function stocking(Measures $mm): array
    {
        $half = ($mm->mm(M::LegWidth) ?? 0.0) / 2;
        $length = $mm->mm(M::LegLength) ?? 0.0;
        $cuff = $mm->mm(M::CuffHeight);

        return [
            Feature::line(Kind::Seam, 'back_seam', new Point(-$half, 0), new Point(-$half, -0.62 * $length)),
            ...$cuff === null
                ? []
                : [Feature::line(Kind::Fold, 'edge_of_the_cuff', new Point(-$half, -$cuff), new Point($half, -$cuff))],
        ];
    }

    /** @return list<Feature> nought is the foot of the front, of a side, or the edge of the strap's opening */
    private static function cap(Position $position, Measures $mm): array
    {
        $round = $mm->mm(M::Circumference) ?? 0.0;
        $height = $mm->mm(M::Height) ?? 0.0;
        if ($position === Position::CapBack) {
            $half = ($mm->mm(M::OpeningWidth) ?? 0.0) / 2;

            return [
                self::upright('back_seam', 0.0, $height)->sewnOver(),
                Feature::patch(
                    Kind::Opening,
                    'strap_opening',
                    -$half,
                    $half,
                    -($mm->mm(M::OpeningHeight) ?? 0.0),
                    0.0,
                ),
            ];
        }
        if ($position === Position::CapSide) {
            return [];
        }
        $seam = $mm->mm(M::SeamAt) ?? $round / 6;
        $eyelet = $height - ($mm->mm(M::EyeletDown) ?? 0.0);
        // A panel narrows as a dome does, slowly at first; the eyelet is in its middle.
        $across = $height > 0.0 ? ($seam / 2) * sqrt(max(0.0, 1 - ($eyelet / $height) ** 2)) : 0.0;
        $half = self::EYELET / 2;

        return [
            self::upright('front_seam', 0.0, $height)->sewnOver(),
            self::upright('side_seam_of_the_front', $seam, $height),
            self::upright('side_seam_of_the_front', -$seam, $height),
            ...$mm->mm(M::EyeletDown) === null
                ? []
                : [
                    Feature::patch(
                        Kind::Eyelet,
                        'eyelet',
                        $across - $half,
                        $across + $half,
                        $eyelet - $half,
                        $eyelet + $half,
                    ),
                    Feature::patch(
                        Kind::Eyelet,
                        'eyelet',
                        -$across - $half,
                        -$across + $half,
                        $eyelet - $half,
                        $eyelet + $half,
                    ),
                ],
        ];
    }

    private static function upright(string $name, float $x, float $height): Feature
    {
        return Feature::line(Kind::Seam, $name, new Point($x, 0), new Point($x * 0.6, $height));
    }

    /** @return list<Feature> the join is at the back, half the way round */
    private static function hat(Measures $mm): array
    {
        $half = ($mm->mm(M::Circumference) ?? 0.0) / 4;
        $cuff = $mm->mm(M::CuffHeight) ?? 0.0;

        return [
            Feature::line(Kind::Fold, 'upper_fold_of_the_cuff', new Point(-$half, 0), new Point($half, 0)),
            Feature::line(Kind::Fold, 'lower_fold_of_the_cuff', new Point(-$half, -$cuff), new Point($half, -$cuff)),
        ];
    }

    /** @return list<Feature> nought is the middle of the piece */
    private static function flat(Garment $garment, Measures $mm): array
    {
        [$w, $h] = [($mm->mm(M::Width) ?? 0.0) / 2, ($mm->mm(M::Height) ?? 0.0) / 2];

        return match ($garment) {
            Garment::Bag => self::bag($w, $h, $mm),
            Garment::Towel => self::borders($w, $h, $mm),
            Garment::Apron => self::apron($h, $mm),
            Garment::Glove => self::glove($w, $h, $mm),
            default => [],
        };
    }

    /** @return list<Feature> */
    private static function bag(float $w, float $h, Measures $mm): array
    {
        $at = $mm->mm(M::HandleAt);
        $bottom = Feature::line(Kind::Seam, 'bottom_seam', new Point(-$w, -$h), new Point($w, -$h), self::FELLED);
        if ($at === null) {
            return [$bottom];
        }
        $left = -$w + $at;
        $handle = static fn(float $from): Feature => Feature::patch(
            Kind::Seam,
            'handle',
            $from,
            $from + self::HANDLE['wide'],
            $h - self::HANDLE['sewn'],
            $h,
            self::FELLED,
        );

        return [$bottom, $handle($left), $handle(-$left - self::HANDLE['wide'])];
    }

    /** @return list<Feature> */
    private static function borders(float $w, float $h, Measures $mm): array
    {
        [$at, $wide] = [$mm->mm(M::BorderAt), $mm->mm(M::BorderWidth)];

        return $at === null || $wide === null
            ? []
            : [
                Feature::patch(Kind::Seam, 'woven_border', -$w, $w, $h - $at - $wide, $h - $at, 1),
                Feature::patch(Kind::Seam, 'woven_border', -$w, $w, -$h + $at, -$h + $at + $wide, 1),
            ];
    }

    /** @return list<Feature> */
    private static function apron(float $h, Measures $mm): array
    {
        $bib = $mm->mm(M::BibHeight);
        $down = $mm->mm(M::PocketDown);
        if ($bib === null || $down === null) {
            return [];
        }
        $half = ($mm->mm(M::PocketWidth) ?? 0.0) / 2;
        $top = $h - $bib - $down;

        return [Feature::patch(Kind::Pocket, 'pocket', -$half, $half, $top - ($mm->mm(M::PocketHeight) ?? 0.0), $top)];
    }

    /** @return list<Feature> the cuff is at the top, where the hand goes in */
    private static function glove(float $w, float $h, Measures $mm): array
    {
        $cuff = $mm->mm(M::CuffHeight);
        $roots = $mm->mm(M::FingerRoots);
        if ($cuff === null || $roots === null) {
            return [];
        }

        return [
            Feature::line(Kind::Seam, 'seam_of_the_cuff', new Point(-$w, $h - $cuff), new Point($w, $h - $cuff)),
            Feature::line(
                Kind::Seam,
                'finger_roots',
                new Point(-$w, $h - $cuff - $roots),
                new Point($w, $h - $cuff - $roots),
                self::FELLED,
            ),
        ];
    }
}
