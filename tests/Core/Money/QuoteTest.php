<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Hakama\Garment\Fabric;
use Hakama\Money\Amount;
use Hakama\Money\BandPrice;
use Hakama\Money\Cost;
use Hakama\Money\CostCategory;
use Hakama\Money\CostLine;
use Hakama\Money\FixedPrice;
use Hakama\Money\HandRates;
use Hakama\Money\Job;
use Hakama\Money\MarginPrice;
use Hakama\Money\Materials;
use Hakama\Money\Quote;
use Hakama\Money\Rates;
use Hakama\Money\RoundedPrice;
use Hakama\Money\Spoilage;
use Hakama\Money\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** Every figure here was worked out by hand. */
final class QuoteTest extends TestCase
{
    #[Test]
    public function a_job_is_costed_line_by_line(): void
    {
        // 24 garments at 23.00, a chest of 6000 stitches: 410 s a load, 90 s to hoop, 60 s to finish, 20 min before.
        $cost = Cost::planned(self::job(24), self::rates());
        self::assertSame(
            [
                ['blank', null, 55200], // 24 · 2300
                ['top_thread', 'left chest', 130], // 30 m · 24 · 1.80 a km = 129.6
                ['bobbin_thread', 'left chest', 19], // 13 m · 24 · 0.60 a km = 18.72
                ['backing', 'left chest', 156], // 433 cm² · 24 · 1.50 a m² = 155.88
                ['topper', 'left chest', 0],
                ['applique', 'left chest', 0],
                ['machine', 'left chest', 5520], // 20 min + 24 · 410 s = 3 h 4 min, at 18.00 = 5520
                ['hands', 'left chest', 3200], // 20 min + 24 · 150 s = 1 h 20 min, at 24.00
                ['artwork', null, 4500],
                ['spoilage', null, 1285], // 2 % of 55200 + 130 + 19 + 156 + 5520 + 3200 = 64225: 1284.5
                ['overhead', null, 7001], // 10 % of 70010
            ],
            array_map(
                static fn(CostLine $line): array => [$line->about->value, $line->decoration, $line->cents],
                $cost->lines,
            ),
        );
        self::assertSame(77011, $cost->cents());
    }

    #[Test]
    public function what_the_customer_brings_costs_nothing_and_is_at_risk_all_the_same(): void
    {
        $job = new Job(10, 0, 4000, 0, [
            self::work(sewS: 0, hoopS: 0, finishS: 0, setupMin: 0, topM: 0, bobbinM: 0, backing: 0),
        ]);
        $lines = Cost::planned($job, self::rates())->lines;
        $of = array_combine(
            array_map(static fn(CostLine $line): string => $line->about->value, $lines),
            array_map(static fn(CostLine $line): int => $line->cents, $lines),
        );
        // 2 % of 10 · 40.00, and 10 % overhead on that.
        self::assertSame([0, 800, 80], [$of['blank'], $of['spoilage'], $of['overhead']]);
    }

    /** @return iterable<string, array{int, int, int}> pieces, pieces in a load, cents of machine */
    public static function loads(): iterable
    {
        // 360 s a load at 18.00 an hour is 180 cents.
        yield 'one head' => [5, 1, 900];
        yield 'a last load that is not full' => [5, 2, 540];
        yield 'all in one' => [5, 6, 180];
        yield 'twenty four to a frame' => [48, 24, 360];
    }

    #[Test]
    #[DataProvider('loads')]
    public function the_machine_sews_whole_loads(int $pieces, int $perLoad, int $cents): void
    {
        $job = new Job($pieces, 0, 0, 0, [self::work(sewS: 360, perLoad: $perLoad, setupMin: 0)]);
        $machine = array_values(
            array_filter(
                Cost::planned($job, self::rates())->lines,
                static fn(CostLine $line): bool => $line->about === CostCategory::Machine,
            ),
        );
        self::assertSame($cents, $machine[0]->cents);
    }

    /** @return iterable<string, array{float, int}> */
    public static function halves(): iterable
    {
        yield 'half' => [14.5, 15];
        yield 'what a machine thinks is less than half' => [0.145 * 100, 15];
        yield 'below' => [14.4999, 14];
        yield 'a third' => [100 / 3, 33];
        yield 'nothing' => [0.0, 0];
    }

    #[Test]
    #[DataProvider('halves')]
    public function amounts_are_rounded_half_up(float $cents, int $whole): void
    {
        self::assertSame($whole, Amount::of($cents)->cents());
    }

    #[Test]
    public function what_is_divided_and_multiplied_again_is_what_it_was(): void
    {
        // A third of a cent three times is a cent, a tenth ten times too: to the machine they are not.
        self::assertSame(1, Amount::of(1)->per(3)->times(3)->cents());
        $tenth = Amount::of(0.1);
        $sum = Amount::of(0);
        for ($i = 0; $i < 25; $i++) {
            $sum = $sum->plus($tenth);
        }
        self::assertSame([3, 3], [$sum->cents(), $sum->centsUp()], '2.5 is half up');
        // 1.005 of 100 cents is 100.5: half a cent, which is up.
        self::assertSame(101, Amount::of(100)->times(1.005)->cents());
        self::assertSame(-2, Amount::of(-2.5)->cents());
    }

    #[Test]
    public function an_amount_that_is_typed_is_read_as_it_is_written(): void
    {
        foreach (['7.20' => 720, '7' => 700, '.5' => 50, '0.005' => 1, '-3.10' => -310, '1e2' => 10_000] as $typed => $cents) {
            self::assertSame($cents, Amount::read((string) $typed), (string) $typed);
        }
        foreach (['', 'seven', '7,20', '1e400', '0x1A'] as $typed) {
            self::assertNull(Amount::read($typed), $typed);
        }
        self::assertSame(
            ['7.20', '0.05', '-0.50', '12345.00'],
            array_map(Amount::plain(...), [720, 5, -50, 1_234_500]),
        );
    }

    #[Test]
    public function the_margin_is_that_of_the_price(): void
    {
        // The two checks of the trade: 2300 + 300 + 300 against 100.00 and 78.00.
        $job = new Job(1, 2300, 0, 600, []);
        $rates = new Rates(0, HandRates::same(0), 0, 0, 0, 0, 0, 0, Spoilage::ofAll(0));
        self::assertSame([2900, 7100, 71.0], self::told(Quote::of($job, $rates, new FixedPrice(10000), 0)));
        self::assertSame([2900, 4900, 62.8], self::told(Quote::of($job, $rates, new FixedPrice(7800), 0)));
        self::assertNull(Quote::of($job, $rates, new FixedPrice(0), 0)->marginPercent());
    }

    /** @return iterable<string, array{float, int}> margin wanted, price of a cost of 29.00 */
    public static function margins(): iterable
    {
        yield 'half of it' => [50, 5800];
        yield 'a third, rounded up' => [33, 4329]; // 2900 / 0.67 = 4328.36
        yield 'none' => [0, 2900];
        yield 'given away at a loss' => [-45, 2000];
        yield 'a tenth, exactly' => [75, 11600];
    }

    #[Test]
    #[DataProvider('margins')]
    public function a_price_by_margin_leaves_at_least_that_over(float $percent, int $price): void
    {
        $job = new Job(1, 2900, 0, 0, []);
        self::assertSame(
            $price,
            Quote::of($job, new Rates(0, HandRates::same(0), 0, 0, 0, 0, 0, 0, Spoilage::ofAll(0)), new MarginPrice($percent), 0)->price,
        );
    }

    /** @return iterable<string, array{int, int, int}> pieces, stitches, price of the work */
    public static function bands(): iterable
    {
        yield 'one, few stitches' => [1, 5000, 900];
        yield 'eleven are not twelve' => [11, 5000, 9900];
        yield 'twelve' => [12, 5000, 7800];
        yield 'one stitch more is the next band' => [12, 5001, 10200];
        yield 'forty eight' => [48, 15000, 33600];
        yield 'more than the last step' => [100, 15000, 70000];
    }

    #[Test]
    #[DataProvider('bands')]
    public function a_band_holds_stitches_and_a_step_pieces(int $pieces, int $stitches, int $cents): void
    {
        $job = new Job($pieces, 0, 0, 0, [self::work(stitches: $stitches)]);
        self::assertSame($cents, self::bandPrice()->of($job, 0));
    }

    #[Test]
    public function garments_and_artwork_have_their_markup_and_the_least_is_charged(): void
    {
        // 24 · 23.00 and 30 %, 45.00 as it is, 24 · 8.50.
        $quote = Quote::of(self::job(24), self::rates(), self::bandPrice(), 4000);
        self::assertSame(71760 + 4500 + 20400, $quote->price);
        self::assertSame(Amount::of(96660)->per(24)->cents(), $quote->perPiece());
        // 12 and 48 are the steps beside 24.
        self::assertSame([12 => 35880 + 4500 + 10200, 48 => 143520 + 4500 + 33600], $quote->steps);
        self::assertSame([['left chest', 76260]], $quote->without);
        $small = Quote::of(new Job(1, 0, 0, 0, [self::work(stitches: 100)]), self::rates(), self::bandPrice(), 4000);
        self::assertSame(4000, $small->price);
        self::assertSame([['left chest', 4000]], $small->without);
    }

    /** @return iterable<string, array{int, int, int}> step, pieces, price */
    public static function steps(): iterable
    {
        // 2900 a job of one piece at cost: 29.00 is 29.00 in steps of 50, 30.00 in steps of a whole hundred and a half.
        yield 'on a step already' => [50, 1, 2900];
        yield 'up to the next' => [150, 1, 3000];
        // Seven at 29.00 in all: 414.28 each, 450 in steps of fifty, 415 in steps of five.
        yield 'a piece, not the sum' => [50, 7, 3150];
        yield 'finer' => [5, 7, 2905];
    }

    #[Test]
    #[DataProvider('steps')]
    public function a_piece_is_priced_in_steps(int $step, int $pieces, int $price): void
    {
        $rounded = new RoundedPrice(new FixedPrice(2900), $step);
        self::assertSame($price, $rounded->of(new Job($pieces, 0, 0, 0, []), 0));
        self::assertSame([], $rounded->stepsBeside(new Job($pieces, 0, 0, 0, [])));
    }

    #[Test]
    public function how_much_is_spoiled_may_be_the_cloth_s_own_and_the_line_says_so(): void
    {
        $line = Spoilage::on(Fabric::Plush, 3.5)->line(10_000);
        self::assertSame(350, $line->cents);
        self::assertSame(
            '3.5 % of 100.00: the value of the garments and the work on them, as measured here on plush',
            Said::of($line->from),
        );
        self::assertStringEndsWith('and the work on them', Said::of(Spoilage::ofAll(3.5)->line(10_000)->from));
    }

    #[Test]
    public function more_stitches_than_the_last_band_have_no_price_and_it_says_so(): void
    {
        self::assertStringContainsString(
            'left chest has 15001 stitches; the last price band ends at 15000.',
            Said::refusalOf(fn(): mixed => Quote::of(new Job(5, 0, 0, 0, [self::work(stitches: 15001)]), self::rates(), self::bandPrice(), 0)),
        );
    }

    #[Test]
    public function fewer_pieces_than_the_first_step_have_none_either(): void
    {
        self::assertStringContainsString(
            'The first price step starts at 6 pieces; there are 5.',
            Said::refusalOf(fn(): mixed => Quote::of(new Job(5, 0, 0, 0, [self::work()]), self::rates(), new BandPrice([[9000, [[6, 800]]]], 0, 0), 0)),
        );
    }

    #[Test]
    public function totals_are_the_sums_of_their_lines_and_leaving_work_out_never_costs_more(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 400; $i++) {
            $works = [];
            for ($w = mt_rand(1, 3); $w > 0; $w--) {
                $works[] = self::work(
                    "work {$w}",
                    mt_rand(1, 15000),
                    mt_rand(1, 900) / 10,
                    mt_rand(1, 300) / 10,
                    mt_rand(1, 3000),
                    mt_rand(1, 6),
                    mt_rand(1, 200),
                    mt_rand(0, 90),
                    mt_rand(0, 40),
                    mt_rand(0, 900),
                );
            }
            $job = new Job(mt_rand(1, 120), mt_rand(0, 4000), mt_rand(0, 9000), mt_rand(0, 5000), $works);
            foreach (
                [
                    self::bandPrice(),
                    new MarginPrice(mt_rand(0, 80)),
                    new FixedPrice(mt_rand(1, 90000)),
                    new RoundedPrice(self::bandPrice(), mt_rand(1, 100)),
                    new RoundedPrice(new MarginPrice(mt_rand(0, 80)), mt_rand(1, 100)),
                ] as $price
            ) {
                $quote = Quote::of($job, self::rates(), $price, 1000);
                self::assertSame(
                    array_sum(array_map(static fn(CostLine $line): int => $line->cents, $quote->cost->lines)),
                    $quote->cost->cents(),
                );
                self::assertSame($quote->price - $quote->cost->cents(), $quote->profit());
                foreach ($quote->without as [, $cents]) {
                    self::assertLessThanOrEqual($quote->price, $cents);
                }
            }
            // Of the same bands more pieces never cost more a piece, setting the garments and the artwork aside.
            $bare = new Job($job->pieces, 0, 0, 0, $works);
            $more = $bare->of($job->pieces + mt_rand(1, 60));
            self::assertLessThanOrEqual(
                self::bandPrice()->of($bare, 0) * $more->pieces,
                self::bandPrice()->of($more, 0) * $bare->pieces,
            );
            $rounded = new RoundedPrice(self::bandPrice(), mt_rand(1, 100));
            self::assertLessThanOrEqual(
                $rounded->of($bare, 0) * $more->pieces,
                $rounded->of($more, 0) * $bare->pieces,
            );
        }
    }

    /** @return array{int, int, float|null} */
    private static function told(Quote $quote): array
    {
        return [$quote->cost->cents(), $quote->profit(), $quote->marginPercent()];
    }

    private static function job(int $pieces): Job
    {
        return new Job($pieces, 2300, 2300, 4500, [self::work()]);
    }

    private static function work(
        string $name = 'left chest',
        int $stitches = 6000,
        float $topM = 30.0,
        float $bobbinM = 13.0,
        float $sewS = 410,
        int $perLoad = 1,
        float $hoopS = 90,
        float $finishS = 60,
        float $setupMin = 20,
        float $backing = 433,
    ): Work {
        return new Work(
            $name,
            $stitches,
            new Materials($topM, $bobbinM, $backing),
            $sewS,
            $perLoad,
            $hoopS,
            $finishS,
            $setupMin,
        );
    }

    private static function rates(): Rates
    {
        return new Rates(1800, HandRates::same(2400), 180, 60, 150, 90, 900, 10, Spoilage::ofAll(2));
    }

    private static function bandPrice(): BandPrice
    {
        return new BandPrice(
            [[5000, [[1, 900], [12, 650], [48, 500]]], [15000, [[1, 1200], [12, 850], [48, 700]]]],
            30,
            0,
        );
    }
}
