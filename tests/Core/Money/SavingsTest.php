<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Hakama\House\HouseRules;
use Hakama\Money\Job;
use Hakama\Money\Materials;
use Hakama\Money\Rates;
use Hakama\Money\Savings;
use Hakama\Money\Work;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class SavingsTest extends TestCase
{
    /** A machine hour of 18.00, no spoilage and no overhead: a minute is 30 cents, a minute of hands 40. */
    #[Test]
    public function what_is_saved_is_the_job_costed_once_more(): void
    {
        $rates = Rates::ofHouse(
            HouseRules::of([
                'machine_hour_cents' => 1800,
                'hand_hour_cents' => 2400,
                'overhead_percent' => 0,
                'quote_spoilage_percent' => 0,
            ]),
        );
        $work = new Work('left chest', 6000, new Materials(), 600, 1, 60, 0, 10);
        $job = new Job(12, 0, 2000, 0, [$work, $work]);

        self::assertSame(
            [
                // Twelve loads of ten minutes are six, at two heads, each a minute longer: 120 − 66 minutes.
                ['Two heads', (120 - 66) * 30],
                // Ten minutes of machine and of hands before the first.
                ['Together', 10 * 30 + 10 * 40],
                // Twelve times ten seconds.
                ['One colour less', 2 * 30],
            ],
            Savings::of($job, $rates, [
                ['One colour less', 0, $work->sewnIn(590, 1)],
                ['Slower', 1, $work->sewnIn(700, 1)],
                ['Two heads', 1, $work->sewnIn(660, 2)],
                ['Together', 0, $work->setUpIn(0)],
                ['The same', 0, $work],
            ]),
        );
        self::assertSame(0.0, $work->sewnIn(-5, 1)->sewS);
    }
}
