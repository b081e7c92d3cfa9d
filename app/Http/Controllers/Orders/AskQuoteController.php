<?php

declare(strict_types=1);

namespace App\Http\Controllers\Orders;

use App\Http\Requests\Orders\AskQuote;
use App\Models\Machine;
use App\Money\PriceList;
use App\Shop\House;
use App\Shop\Premises;
use Hakama\House\HouseRule;
use Hakama\Machine\RunTime;
use Hakama\Money\NoPrice;
use Hakama\Money\Quote;
use Hakama\Money\Rates;
use Hakama\Money\Work;
use Hakama\Thread\ThreadUse;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** On the telephone: what would it cost, before there is an order, or an artwork. */
final readonly class AskQuoteController
{
    /** A stitch is about so long where there is no tape, and a piece of backing so large. */
    private const USUAL_STITCH_MM = 2.5;
    private const USUAL_BACKING_CM2 = 450.0;
    private const TRIMS_A_COLOUR = 2;

    public function __construct(private House $house, private PriceList $prices, private Premises $premises) {}

    /** On the telephone: before there is an order, or an artwork. */
    public function __invoke(Request $request): View
    {
        $quotes = [];
        $problem = $guess = null;
        if ($request->query->count() > 0) {
            try {
                $asked = AskQuote::createFrom($request)->setContainer(app())->setRedirector(app('redirect'));
                $asked->validateResolved();
                $guess = $asked->guess($this->house->rules()->value(HouseRule::FullFill));
                foreach (
                    $guess === null ? [$asked->integer('stitches')] : [$guess->least, $guess->likely, $guess->most] as $stitches
                ) {
                    $quotes[$stitches] = Quote::of(
                        $asked->job(max(1, $stitches), $this->work(...)),
                        Rates::ofHouse($this->house->rules()),
                        $this->prices->price(null),
                        (int) $this->house->rules()->value(HouseRule::LeastCharge),
                    );
                }
            } catch (ValidationException $e) {
                $problem = $e->validator->errors()->first();
            } catch (NoPrice $e) {
                $problem = $e->getMessage();
            }
        }

        $answer = [
            'quotes' => $quotes,
            'guess' => $guess,
            'problem' => $problem,
            'currency' => $this->premises->shop()->currency,
            'wanted' => $this->house->rules()->value(HouseRule::WantedMargin),
        ];

        return $request->hasHeader('HX-Request') ? view('orders.asked', $answer) : view('orders.ask', $answer);
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
            $rules->value(HouseRule::FinishTime) +
                self::TRIMS_A_COLOUR * $colours * $rules->value(HouseRule::FinishTrim),
            $rules->value(HouseRule::LoadTime) + $rules->value(HouseRule::FrameTime),
            self::USUAL_BACKING_CM2,
            0.0,
            0.0,
        );
    }
}
