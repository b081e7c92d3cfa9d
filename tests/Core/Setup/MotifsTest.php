<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\End;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measures;
use Hakama\Garment\Position;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Proof\CureKind;
use Hakama\Setup\Proof\Explanation;
use Hakama\Setup\Proof\SetupCase;
use Hakama\Setup\Tube\Motifs;
use Hakama\Setup\Tube\PlacedMotif;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** Several designs along one tube, as somebody wrote down where they go. */
final class MotifsTest extends TestCase
{
    #[Test]
    public function a_place_from_either_end_is_one_place(): void
    {
        // A leg of 1000: 100 up from the hem to the lower edge of a design 60 high is 840 down to its upper edge.
        $fromHem = new Motifs([self::motif(End::Hem, 100)]);
        $fromTop = new Motifs([self::motif(End::Waistband, 840)]);

        self::assertSame([840.0, 840.0], [$fromHem->first(1000, true)->downMm, $fromTop->first(1000, true)->downMm]);
        // Where the house measures up from the hem, upwards is below zero.
        self::assertSame(
            [-100.0, -100.0],
            [$fromHem->first(1000, false)->downMm, $fromTop->first(1000, false)->downMm],
        );
    }

    #[Test]
    public function what_lies_over_another_or_beyond_the_end_is_named_by_how_much(): void
    {
        $along = new Motifs([self::motif(End::Hem, 50), self::motif(End::Hem, 100), self::motif(End::Waistband, 950)]);

        self::assertStringContainsString('overlap by 10 mm', implode('; ', Said::each($along->wrongs(1000))));
        self::assertStringContainsString(
            'reaches 10 mm beyond the other end',
            implode('; ', Said::each($along->wrongs(1000))),
        );
        self::assertCount(1, $along->wrongs(null), 'how long it is nobody knows');
        self::assertSame([], $along->inARow(50, 12)->wrongs(1000));
        self::assertSame(
            [50.0, 122.0, 194.0],
            array_map(static fn(PlacedMotif $one): float => $one->atMm, $along->inARow(50, 12)->all),
        );
    }

    #[Test]
    public function a_motif_beyond_the_end_of_a_leg_stops_and_a_row_along_it_cures_that(): void
    {
        $explained = new Explanation(self::leg(new Motifs([
            self::motif(End::Waistband, 400),
            self::motif(End::Waistband, 960),
        ])));

        self::assertTrue($explained->advice->stops());
        $cures = $explained->cures();
        self::assertSame(CureKind::MovePlace, $cures[0]->kind);
        self::assertFalse($cures[0]->changes[0]->applyTo($explained->case)->advice()->stops());
        self::assertFalse(self::leg(new Motifs([self::motif(End::Waistband, 400)]))->advice()->stops());
    }

    private static function leg(Motifs $motifs): SetupCase
    {
        $item = new Item(
            Garment::Trousers,
            Position::Leg,
            new ClothSpec(Fabric::Twill),
            measures: new Measures(['leg_length' => 1000.0, 'leg_width' => 200.0]),
        );

        return SetupCase::of(
            new Facts(
                new Design(40.0, 60.0, 3000, 40, bands: $motifs->bands()),
                $item->estimated(HouseRules::of()),
                new OnMachine([Driver::Cylinder], armWidthMm: 60.0),
                motifs: $motifs,
            ),
            HouseRules::of(),
            [new FrameSpec('T', FrameKind::Cylinder, Driver::Cylinder, 104.0, 110.0, Window::rectangle(84.0, 90.0))],
        );
    }

    private static function motif(End $from, float $atMm): PlacedMotif
    {
        return new PlacedMotif('a leaf', $from, 40.0, 60.0, $atMm);
    }
}
