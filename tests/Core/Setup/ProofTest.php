<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Setup\Advice;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Proof\CureKind;
use Hakama\Setup\Proof\Explanation;
use Hakama\Setup\Proof\FactChange;
use Hakama\Setup\Proof\SetupCase;
use Hakama\Setup\Rules\SetupTopic;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** Every reason is tried by making the change that it says would turn it, every cure by making it. */
final class ProofTest extends TestCase
{
    #[Test]
    public function every_reason_turns_with_the_change_it_names_and_every_cure_works(): void
    {
        $turned = $always = $cured = $hopeless = 0;
        foreach (DrawnCases::of((int) (getenv('PROVED') ?: 400), 20261202) as $case) {
            $explained = new Explanation($case);
            foreach ($explained->advice->becauses() as $reason) {
                $changes = $explained->turning($reason)->changes;
                $always += $changes === [] ? 1 : 0;
                if ($changes !== []) {
                    $turned++;
                    self::assertNotEquals(
                        self::decided($reason->about, $explained->advice),
                        self::decided($reason->about, self::after($changes, $case)),
                        "{$reason->about->value} by {$reason->rule}: ".implode(', ', array_map(
                            static fn(FactChange $one): string => Said::of($one->words()),
                            $changes,
                        )),
                    );
                }
            }
            foreach ($explained->cures() as $cure) {
                $cured++;
                self::assertFalse(self::after($cure->changes, $case)->stops(), Said::of($cure->text));
            }
            $hopeless += $explained->advice->stops() && $explained->cures() === [] ? 1 : 0;
        }
        self::assertGreaterThan(3000, $turned);
        self::assertLessThan($turned / 50, $always, 'hardly anything is so whatever the facts');
        self::assertGreaterThan(50, $cured);
        self::assertGreaterThan(0, $hopeless);
    }

    #[Test]
    public function a_smaller_design_is_no_smaller_than_it_has_to_be(): void
    {
        $found = 0;
        foreach (DrawnCases::of(200, 20261203) as $case) {
            foreach ((new Explanation($case))->cures() as $cure) {
                if ($cure->kind !== CureKind::SmallerDesign) {
                    continue;
                }
                $found++;
                // One percent more of the design, rounded down to tenths as the cure is.
                self::assertSame(1, preg_match('/Make the design (\d+) % smaller/', Said::of($cure->text), $percent));
                $design = $case->facts->design;
                $more = (101 - (int) $percent[1]) / 100;
                if ($more >= 1.0) {
                    continue;
                }
                $down = static fn(float $mm): float => floor($mm * round($more * 100) / 10) / 10;
                $larger = self::after(
                    [
                        FactChange::mm(Fact::Width, $down($design->widthMm)),
                        FactChange::mm(Fact::Height, $down($design->heightMm)),
                    ],
                    $case,
                );
                self::assertTrue($larger->stops(), Said::of($cure->text));
            }
        }
        self::assertGreaterThan(20, $found);
    }

    /** @param list<FactChange> $changes */
    private static function after(array $changes, SetupCase $case): Advice
    {
        foreach ($changes as $change) {
            $case = $change->applyTo($case);
        }

        return $case->advice();
    }

    private static function decided(SetupTopic $about, Advice $advice): mixed
    {
        return match ($about) {
            SetupTopic::Driver => $advice->fit->frame->driver ?? ($advice->drivers[0] ?? null),
            SetupTopic::Loading => $advice->loading()->end,
            SetupTopic::Access => $advice->access(),
            SetupTopic::Frame => $advice->fit?->frame->id,
            SetupTopic::Turn => $advice->turnToSet(),
            SetupTopic::Backing => [$advice->backing->backing, $advice->backing->count, $advice->backing->adhesive],
            SetupTopic::Topper => $advice->topper,
            SetupTopic::Thread => $advice->threadWeight,
            SetupTopic::Needle => $advice->needle->code(),
            SetupTopic::Speed => $advice->speedSpm,
            SetupTopic::Placement => $advice->placement,
            SetupTopic::Hoopings => $advice->hoopings(),
        };
    }
}
