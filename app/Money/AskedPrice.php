<?php

declare(strict_types=1);

namespace App\Money;

use App\Machine\Models\Machine;
use App\Money\Queries\PriceList;
use App\Money\Queries\ShopRates;
use App\Shop\House;
use Hakama\Floor\FinishTime;
use Hakama\House\HouseRule;
use Hakama\Machine\RunTime;
use Hakama\Money\Materials;
use Hakama\Money\NoPrice;
use Hakama\Money\Quote;
use Hakama\Money\SaidDesign;
use Hakama\Money\Work;
use Hakama\Thread\ThreadUse;

/** What a job would cost of which there is no order yet, nor an artwork. */
final readonly class AskedPrice
{
    /** A stitch is about so long where there is no tape, and a piece of backing so large. */
    private const USUAL_STITCH_MM = 2.5;
    private const USUAL_BACKING_CM2 = 450.0;
    private const TRIMS_A_COLOUR = 2;

    public function __construct(private House $house, private PriceList $prices, private ShopRates $rates) {}

    /** @throws NoPrice */
    public function of(AskedWork $asked): AskedQuote
    {
        $designs = $asked->designs;

        return new AskedQuote(
            $designs,
            $this->quote($asked, $this->works($designs, 'least')),
            $this->quote($asked, $this->works($designs, 'likely')),
            $this->quote($asked, $this->works($designs, 'most')),
        );
    }

    /** @param list<Work> $works */
    private function quote(AskedWork $asked, array $works): Quote
    {
        return Quote::of(
            $asked->job($works),
            $this->rates->on($asked->fabric),
            $this->prices->price(null),
            (int) $this->house->rules()->value(HouseRule::LeastCharge),
        );
    }

    /**
     * @param non-empty-list<SaidDesign>   $designs
     * @param 'least'|'likely'|'most' $guess
     *
     * @return list<Work>
     */
    private function works(array $designs, string $guess): array
    {
        $works = [];
        foreach ($designs as $i => $design) {
            $name = count($designs) === 1 ? __('money.asked_price.one_position') : [
                __('money.asked_price.the_first_design'),
                __('money.asked_price.the_second_design'),
            ][$i] ?? '';
            $work = $this->work($name, $design->stitches->{$guess}, $design->colours);
            array_push($works, ...array_fill(0, $design->places, $work));
        }

        return $works;
    }

    /** Work of which only stitches and colours are known, on the machine that sews it soonest. */
    private function work(string $name, int $stitches, int $colours): Work
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
            $name,
            $stitches,
            new Materials(round($use->topM, 2), round($use->bobbinM, 2), self::USUAL_BACKING_CM2),
            round($seconds, 1),
            $machine->heads ?? 1,
            $rules->value(HouseRule::HoopTime),
            (new FinishTime($rules))->aPieceS(self::TRIMS_A_COLOUR * $colours),
            $rules->value(HouseRule::LoadTime) + $rules->value(HouseRule::FrameTime),
        );
    }
}
