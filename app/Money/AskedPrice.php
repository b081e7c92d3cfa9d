<?php

declare(strict_types=1);

namespace App\Money;

use App\Http\Requests\Orders\AskQuote;
use App\Models\Machine;
use App\Shop\House;
use Hakama\Floor\FinishTime;
use Hakama\House\HouseRule;
use Hakama\Machine\RunTime;
use Hakama\Money\NoPrice;
use Hakama\Money\Quote;
use Hakama\Money\Rates;
use Hakama\Money\Work;
use Hakama\Thread\ThreadUse;

/** What a job would cost of which there is no order yet, nor an artwork. */
final readonly class AskedPrice
{
    /** A stitch is about so long where there is no tape, and a piece of backing so large. */
    private const USUAL_STITCH_MM = 2.5;
    private const USUAL_BACKING_CM2 = 450.0;
    private const TRIMS_A_COLOUR = 2;

    public function __construct(private House $house, private PriceList $prices) {}

    /**
     * @return non-empty-array<int, Quote> stitches => what it would cost: one where they are said, else the least, the
     *     likely and the most of a guess
     *
     * @throws NoPrice
     */
    public function of(AskQuote $asked): array
    {
        $rules = $this->house->rules();
        $guess = $asked->guess($rules->value(HouseRule::FullFill));
        $quotes = [];
        foreach (
            $guess === null ? [$asked->integer('stitches')] : [$guess->least, $guess->likely, $guess->most] as $stitches
        ) {
            $quotes[$stitches] = Quote::of(
                $asked->job(max(1, $stitches), $this->work(...)),
                Rates::ofHouse($rules),
                $this->prices->price(null),
                (int) $rules->value(HouseRule::LeastCharge),
            );
        }

        return $quotes;
    }

    /** Work of which only stitches and colours are known, on the machine that sews it soonest. */
    private function work(int $stitches, int $colours): Work
    {
        $rules = $this->house->rules();
        $use = ThreadUse::of($stitches * self::USUAL_STITCH_MM, $stitches, $rules->threadUse());
        $machine = Machine::query()->whereNull('retired_at')->orderByDesc('heads')->first();
        $seconds =
            $machine === null
                ? 0.0
                : RunTime::about(
                    $stitches,
                    $colours,
                    $rules->value(HouseRule::Speed),
                    $machine->speedCurve(),
                    $rules->runTime(),
                    $machine->heads,
                )->seconds();

        return new Work(
            'one place',
            $stitches,
            round($use->topM, 2),
            round($use->bobbinM, 2),
            round($seconds, 1),
            $machine->heads ?? 1,
            $rules->value(HouseRule::HoopTime),
            (new FinishTime($rules))->aPieceS(self::TRIMS_A_COLOUR * $colours),
            $rules->value(HouseRule::LoadTime) + $rules->value(HouseRule::FrameTime),
            self::USUAL_BACKING_CM2,
            0.0,
            0.0,
        );
    }
}
