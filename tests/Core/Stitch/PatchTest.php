<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\Stitch\Patch\PatchRules;
use Hakama\Stitch\Patch\PatchShape;
use Hakama\Stitch\Patch\PatchVerdict;
use Hakama\Stitch\PatternBuilder;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class PatchTest extends TestCase
{
    #[Test]
    public function a_filled_square_with_a_satin_border_can_be_cut_out(): void
    {
        $verdict = self::judged(static function (PatternBuilder $n): void {
            self::fill($n, -200, 200);
            $n->stop();
            self::border($n, 200, 30);
        });

        self::assertSame([], $verdict->obstacles(self::rules()));
        // 40 mm square and 3 mm of border, half of it outside: 43 mm.
        self::assertEqualsWithDelta(43.0 ** 2, $verdict->areaMm2, 60.0);
        self::assertGreaterThan(0.98, $verdict->filled);
        self::assertSame([2, true, true], [$verdict->borderBlock, $verdict->hasBorder(), $verdict->isLast]);
        self::assertEqualsWithDelta(3.0, $verdict->borderMm, 0.5);
        // Cut along 172 mm; along sides of the squares a line is said up to a twentieth too short.
        self::assertEqualsWithDelta(4 * 43.0, $verdict->edgeMm, 0.06 * 172);
    }

    /** A ring of satin, 3 mm wide, round a filled disc: its edge is π times its diameter. */
    #[Test]
    public function the_edge_of_a_disc_is_as_long_as_its_circle(): void
    {
        foreach ([15.0, 30.0, 45.0] as $radius) {
            $builder = new PatternBuilder('DISC');
            for ($turn = 0; $turn <= 360; $turn++) {
                foreach ([0.0, $radius] as $r) {
                    $builder->stitchTo(
                        (int) round(10 * $r * cos(deg2rad($turn))),
                        (int) round(10 * $r * sin(deg2rad($turn))),
                    );
                }
            }
            $verdict = PatchShape::judge($builder->pattern());
            self::assertNotNull($verdict);
            self::assertEqualsWithDelta(2 * M_PI * $radius, $verdict->edgeMm, 0.05 * 2 * M_PI * $radius);
        }
    }

    #[Test]
    public function without_a_border_with_a_thin_one_or_with_one_that_is_not_last_it_is_said(): void
    {
        $bare = self::judged(static fn(PatternBuilder $n) => self::fill($n, -200, 200));
        self::assertFalse($bare->hasBorder());
        self::assertStringContainsString(
            'no border along its edge',
            implode(' ', Said::each($bare->obstacles(self::rules()))),
        );

        $thin = self::judged(static function (PatternBuilder $n): void {
            self::fill($n, -200, 200);
            $n->stop();
            self::border($n, 200, 12);
        });
        self::assertStringContainsString(
            'needs 2.5 mm to be cut along',
            implode(' ', Said::each($thin->obstacles(self::rules()))),
        );
        self::assertEqualsWithDelta(1.2 + 0.4, $thin->borderMm, 0.5, 'the thread itself is 0.4 mm wide');

        $early = self::judged(static function (PatternBuilder $n): void {
            self::border($n, 200, 30);
            $n->stop()->travelTo(-160, -160, 3);
            self::fill($n, -160, 160);
        });
        self::assertStringContainsString(
            'block 1, is not sewn last',
            implode(' ', Said::each($early->obstacles(self::rules()))),
        );
    }

    #[Test]
    public function what_the_felt_shows_through_or_what_falls_apart_is_said(): void
    {
        $open = self::judged(static function (PatternBuilder $n): void {
            self::fill($n, -200, 0);
            $n->stop();
            self::border($n, 200, 30);
        });
        // Half of the 37 mm within the border is bare, less half a millimetre beside the thread all round.
        self::assertEqualsWithDelta(1 - (17.5 * 36) / 43 ** 2, $open->filled, 0.03);
        self::assertStringContainsString(
            'the felt shows between',
            implode(' ', Said::each($open->obstacles(self::rules()))),
        );

        $apart = self::judged(static function (PatternBuilder $n): void {
            self::fill($n, -200, -20);
            $n->travelTo(-200, 20, 3);
            self::fill($n, 60, 200);
        });
        self::assertStringContainsString(
            'falls into several pieces',
            implode(' ', Said::each($apart->obstacles(self::rules()))),
        );
    }

    #[Test]
    public function a_tape_without_a_stitch_is_no_patch(): void
    {
        self::assertNull(PatchShape::judge((new PatternBuilder('none'))->jumpTo(10, 10)->pattern()));
    }

    private static function rules(): PatchRules
    {
        return new PatchRules(0.95, 2.5);
    }

    /** @param callable(PatternBuilder): mixed $sew */
    private static function judged(callable $sew): PatchVerdict
    {
        $builder = new PatternBuilder('patch');
        $sew($builder);
        $verdict = PatchShape::judge($builder->pattern());
        self::assertNotNull($verdict);

        return $verdict;
    }

    /** Rows 0.4 mm apart, 40 mm wide, from one height to another, 0.1 mm. */
    private static function fill(PatternBuilder $n, int $from, int $to): void
    {
        $n->travelTo(-200, $from, 3);
        for ($y = $from, $k = 0; $y <= $to; $y += 4, $k++) {
            foreach ($k % 2 === 0 ? range(-200, 200, 40) : range(200, -200, 40) as $x) {
                $n->stitchTo((int) $x, $y);
            }
        }
    }

    /** Satin all round a square, half of it within. */
    private static function border(PatternBuilder $n, int $half, int $wide): void
    {
        [$in, $out] = [$half - intdiv($wide, 2), $half + intdiv($wide, 2)];
        foreach ([[1, 0], [0, 1], [-1, 0], [0, -1]] as [$dx, $dy]) {
            for ($t = -$out; $t <= $out; $t += 4) {
                foreach ([$in, $out] as $off) {
                    $n->stitchTo($dx * $off - $dy * $t, $dy * $off + $dx * $t);
                }
            }
        }
    }
}
