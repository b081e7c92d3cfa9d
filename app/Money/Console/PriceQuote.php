<?php

declare(strict_types=1);

namespace App\Money\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use App\Foundation\Words\Words;
use Hakama\Money\Amount;
use Hakama\Money\BandPrice;
use Hakama\Money\CostLine;
use Hakama\Money\FixedPrice;
use Hakama\Money\HandRates;
use Hakama\Money\Job;
use Hakama\Money\MarginPrice;
use Hakama\Money\Materials;
use Hakama\Money\NoPrice;
use Hakama\Money\Price;
use Hakama\Money\Quote;
use Hakama\Money\Rates;
use Hakama\Money\Spoilage;
use Hakama\Money\Work;

final class PriceQuote extends JsonCommand
{
    private const MOST_CENTS = 1_000_000_000;

    protected $signature = 'price:quote {file : a job as JSON, or - for standard input}';
    protected $description = 'Says what a job costs and what it is sold for, line by line';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $json = Json::of($file, $this->contents($file));
        $job = new Job(
            $json->int('pieces', 1, 100_000),
            $json->int('blank_cents', 0, self::MOST_CENTS),
            $json->int('blank_value_cents', 0, self::MOST_CENTS),
            $json->int('artwork_cents', 0, self::MOST_CENTS),
            array_map(self::work(...), $json->objects('decorations')),
        );
        $rates = self::rates($json->inner('rates'));
        $by = $json->inner('price');
        $least = $by->int('least_cents', 0, self::MOST_CENTS);
        $price = self::price($by);
        $json->done();
        try {
            $quote = Quote::of($job, $rates, $price, $least);
        } catch (NoPrice $e) {
            throw UnfitInput::at($json->where('price'), 'no price: '.Words::why($e));
        }

        return [
            'lines' => array_map(
                static fn(CostLine $line): array => [
                    'about' => $line->about->value,
                    'decoration' => $line->decoration,
                    'cents' => $line->cents,
                    'from' => Words::say($line->from),
                ],
                $quote->cost->lines,
            ),
            'cost_cents' => $quote->cost->cents(),
            'price_cents' => $quote->price,
            'profit_cents' => $quote->profit(),
            'margin_percent' => $quote->marginPercent(),
            'per_piece_cents' => $quote->perPiece(),
            'steps' => array_map(
                static fn(int $pieces, int $cents): array => [
                    'pieces' => $pieces,
                    'price_cents' => $cents,
                    'per_piece_cents' => Amount::of($cents)->per($pieces)->cents(),
                ],
                array_keys($quote->steps),
                array_values($quote->steps),
            ),
            'without' => array_map(
                static fn(array $one): array => ['decoration' => $one[0], 'price_cents' => $one[1]],
                $quote->without,
            ),
        ];
    }

    private static function work(Json $json): Work
    {
        $work = new Work(
            $json->string('name'),
            $json->int('stitches', 0, 10_000_000),
            new Materials(
                $json->number('top_m', 0, 1e6),
                $json->number('bobbin_m', 0, 1e6),
                $json->number('backing_cm2', 0, 1e6),
                $json->number('topper_cm2', 0, 1e6),
                $json->number('applique_cm2', 0, 1e6),
                $json->has('hardware_cents') ? $json->int('hardware_cents', 0, self::MOST_CENTS) : 0,
            ),
            $json->number('sew_s', 0, 1e6),
            $json->int('per_load', 1, 10_000),
            $json->number('hoop_s', 0, 1e6),
            $json->number('finish_s', 0, 1e6),
            $json->number('setup_min', 0, 1e5),
        );
        $json->done();

        return $work;
    }

    private static function rates(Json $json): Rates
    {
        $rates = new Rates(
            $json->int('machine_cents_h', 0, self::MOST_CENTS),
            HandRates::same($json->int('hand_cents_h', 0, self::MOST_CENTS)),
            $json->int('thread_cents_km', 0, self::MOST_CENTS),
            $json->int('bobbin_cents_km', 0, self::MOST_CENTS),
            $json->int('backing_cents_m2', 0, self::MOST_CENTS),
            $json->int('topper_cents_m2', 0, self::MOST_CENTS),
            $json->int('applique_cents_m2', 0, self::MOST_CENTS),
            $json->number('overhead_percent', 0, 1000),
            Spoilage::ofAll($json->number('spoilage_percent', 0, 100)),
        );
        $json->done();

        return $rates;
    }

    private static function price(Json $json): Price
    {
        $by = $json->string('by');
        $price = match ($by) {
            'bands' => new BandPrice(
                self::bands($json),
                $json->number('blank_markup_percent', -100, 10_000),
                $json->number('artwork_markup_percent', -100, 10_000),
            ),
            'margin' => new MarginPrice($json->number('margin_percent', -1000, 99.99)),
            'fixed' => new FixedPrice($json->int('cents', 0, self::MOST_CENTS)),
            default => throw UnfitInput::at($json->where('by'), 'bands, margin or fixed is wanted here'),
        };
        $json->done();

        return $price;
    }

    /** @return non-empty-list<array{int, non-empty-list<array{int, int}>}> */
    private static function bands(Json $json): array
    {
        $bands = [];
        foreach ($json->objects('bands') as $band) {
            $steps = [];
            $before = 0;
            foreach ($band->list('steps') as $i => $step) {
                if (
                    ! is_array($step)
                    || ! is_int($step[0] ?? null)
                    || ! is_int($step[1] ?? null)
                    || count($step) !== 2
                    || $step[0] <= $before
                    || $step[1] < 0
                ) {
                    throw UnfitInput::at(
                        $band->where("steps.{$i}"),
                        'pieces at least, more than in the step before, and cents a piece are wanted here',
                    );
                }
                $before = $step[0];
                $steps[] = [$step[0], $step[1]];
            }
            if ($steps === []) {
                throw UnfitInput::at($band->where('steps'), 'at least one step is wanted here');
            }
            $to = $band->int('stitches_to', 1 + ($bands === [] ? 0 : $bands[count($bands) - 1][0]), 1_000_000_000);
            $band->done();
            $bands[] = [$to, $steps];
        }

        return $bands === [] ? throw UnfitInput::at($json->where('bands'), 'at least one band is wanted here') : $bands;
    }
}
