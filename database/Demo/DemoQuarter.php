<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Floor\Actions\AppendEvent;
use App\Floor\Finish\FinishBook;
use App\Machine\Models\Machine;
use App\Money\Actions\Invoices;
use App\Money\Queries\OrderAccounts;
use App\Needles\Models\Care;
use App\Needles\Models\NeedleFitting;
use App\Orders\Actions\BlankArrivals;
use App\Orders\Actions\HandOvers;
use App\Orders\Actions\OrderBook;
use App\Orders\Models\Decoration;
use App\Orders\Models\HandOver;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Orders\Models\Piece;
use App\Orders\Queries\OrderedGarments;
use App\Plan\Actions\PlanChanges;
use App\Plan\Jobs\RecordOdds;
use App\Plan\Models\Batch;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Setup\Actions\SetupChoices;
use App\Shop\Catalogue\Catalogue;
use App\Shop\Models\Downtime;
use App\Stock\Models\Purchase;
use Carbon\CarbonImmutable;
use Hakama\Floor\Care\CareTask;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\PieceState;
use Hakama\Floor\SpoilCause;
use Hakama\Floor\Stage;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Str;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * The quarter before: thirteen weeks of the workroom, lived day by day through the program's own actions. What is true of
 * its machines, cloths and hands is written here and nowhere else; the program finds out what it can from the log.
 */
final class DemoQuarter
{
    private const WEEKS = 13;
    /** The same quarter at every start. */
    private const SEED = 20_260_105;
    /** Orders that come in on a day, in the weeks of the quarter: the lantern festival lies in its middle. */
    private const BUSY = [1.0, 1.1, 1.0, 1.2, 1.4, 1.6, 1.8, 1.5, 1.1, 0.9, 1.1, 1.2, 1.2];

    /** Customer, how often, what for. */
    private const WISHES = [
        [
            'Ullenmere Ferry Crew',
            5,
            DemoGarments::HIGH_CAP,
            ['navy'],
            ['one' => [21, 56]],
            ['cap_front' => 'Lantern row'],
        ],
        [
            'Ullenmere Ferry Crew',
            6,
            DemoGarments::POLO,
            ['ink', 'navy'],
            ['M' => [6, 20], 'L' => [6, 24]],
            ['left_chest' => 'Ferry roundel'],
        ],
        [
            'Ullenmere Ferry Crew',
            3,
            DemoGarments::HOODIE,
            ['ink'],
            ['S' => [3, 8], 'M' => [6, 16], 'L' => [3, 16]],
            ['left_chest' => 'Ferry roundel'],
        ],
        [
            'Bell Ringers of Ullenmere',
            5,
            DemoGarments::POLO,
            ['plum', 'oatmeal'],
            ['S' => [3, 12], 'M' => [6, 20], 'L' => [6, 16]],
            ['left_chest' => 'Ringers’ bell'],
        ],
        [
            'Bell Ringers of Ullenmere',
            3,
            DemoGarments::HIGH_CAP,
            ['plum'],
            ['one' => [18, 48]],
            ['cap_front' => 'Ringers’ bell, cap'],
        ],
        [
            'Ullenmere Night Bakery',
            7,
            DemoGarments::APRON,
            ['ecru', 'rust'],
            ['one' => [18, 56]],
            ['centre' => 'Loaf and moon'],
        ],
        [
            'Mere Seed Library',
            6,
            DemoGarments::BAG,
            ['natural'],
            ['one' => [24, 64]],
            ['centre' => 'Seed sprig'],
        ],
        [
            'Mere Seed Library',
            5,
            DemoGarments::TEE,
            ['sage', 'moss'],
            ['S' => [3, 16], 'M' => [9, 24], 'L' => [3, 16]],
            ['left_chest' => 'Seed sprig'],
        ],
        [
            'Long Loch Canoe School',
            5,
            DemoGarments::TEE,
            ['sage', 'moss'],
            ['S' => [6, 16], 'M' => [9, 24]],
            ['sleeve' => 'Reed stalk'],
        ],
        [
            'Long Loch Canoe School',
            6,
            DemoGarments::JACKET,
            ['slate', 'moss'],
            ['M' => [3, 7], 'L' => [3, 7]],
            ['full_back' => 'Lake panorama'],
        ],
        [
            'Festival of Lanterns',
            4,
            DemoGarments::HIGH_CAP,
            ['cream', 'rust'],
            ['one' => [24, 56]],
            ['cap_front' => 'Lantern row'],
        ],
        [
            'Festival of Lanterns',
            3,
            DemoGarments::TOWEL,
            ['white'],
            ['one' => [12, 32]],
            ['corner' => 'Lantern row'],
        ],
    ];

    /** A load takes so much longer than the program begins by working out. */
    public const TAKES = ['M1' => 1.04, 'M2' => 0.98, 'M3' => 1.09];

    /** Cloth: stitches between two breaks of the thread, pieces of a hundred that are spoiled, and by what. */
    public const CLOTHS = [
        'twill' => [26_000, 3.5, [SpoilCause::Registration, SpoilCause::FrameStruck, SpoilCause::OffPlace]],
        'pique' => [48_000, 2.0, [SpoilCause::Puckering, SpoilCause::OffPlace]],
        'fleece' => [30_000, 5.0, [SpoilCause::Puckering, SpoilCause::OffPlace, SpoilCause::WrongColour]],
        'canvas' => [60_000, 1.2, [SpoilCause::OffPlace, SpoilCause::WrongWayUp]],
        'jersey' => [45_000, 4.0, [SpoilCause::Puckering, SpoilCause::Puckering, SpoilCause::ClothCut]],
        'plush' => [32_000, 2.5, [SpoilCause::OffPlace, SpoilCause::Other]],
    ];

    /** Week and days of it in which a machine stood, and why. */
    private const DOWN = ['M3', 6, [1, 2, 3], 'Hook timing: waited for the part'];

    /** Bought every four weeks: the rate it is bought for, how much of it, cents for one. */
    private const BOUGHT = [['thread_km_cents', 50, 196], ['bobbin_km_cents', 60, 58], ['backing_m2_cents', 40, 164]];

    /** Who stands where, and how their hooping compares with what the program begins with. */
    private const HANDS = ['M1' => ['Odo', 1.25], 'M2' => ['Ilse', 0.9], 'M3' => ['Maren', 1.1]];

    private readonly Randomizer $luck;
    /** @var array<int, CarbonImmutable> order => when its blanks come, of those that wait for them */
    private array $awaited = [];

    public function __construct(
        private readonly CarbonImmutable $now,
        private readonly Application $app,
        private readonly SetupChoices $choices,
        private readonly AppendEvent $log,
        private readonly FinishBook $finish,
        private readonly Invoices $invoices,
        private readonly Catalogue $catalogue,
    ) {
        $this->luck = new Randomizer(new Xoshiro256StarStar(self::SEED));
    }

    /** The days before the last of whom the week of the demo speaks. */
    public function build(): void
    {
        $machines = Machine::query()->with('rack')->orderBy('code')->get()->all();
        $last = $this->now->startOfDay()->subWeekdays(5);
        $first = $last->subWeeks(self::WEEKS)->startOfWeek();
        for ($day = $first; $day <= $last; $day = $day->addDay()) {
            if ($day->isWeekend()) {
                continue;
            }
            $week = min(self::WEEKS - 1, (int) ($first->diffInDays($day) / 7));
            $this->unpack($day->setTime(7, 50));
            $this->handOver($day->setTime(9, 15));
            foreach ($machines as $machine) {
                if (! $this->isDown($machine, $week, $day)) {
                    $this->work($machine, $day, until: $day->equalTo($last) ? 24 : 16.5);
                }
            }
            $this->finishedBy($day->setTime(16, 45));
            $this->lookAfter($machines, $week, $day->setTime(16, 50));
            // What is ordered in the last week is not of the past any more.
            if ($day < $last->subWeekdays(4)) {
                $this->takeIn($day, self::BUSY[$week]);
            }
        }
        $this->handOver($last->addWeekday()->setTime(9, 15));
    }

    private function unpack(CarbonImmutable $at): void
    {
        foreach (array_filter($this->awaited, static fn(CarbonImmutable $day): bool => $day <= $at) as $order => $day) {
            $pieces = Piece::query()->where('order_id', $order)->count();
            foreach (OrderLine::query()->where('order_id', $order)->get() as $line) {
                CarbonImmutable::withTestNow($at, fn() => app(BlankArrivals::class)->note(
                    $line,
                    Str::uuid()->toString(),
                    '',
                    $pieces + $this->luck->getInt(0, 1),
                    0,
                    '',
                    'Maren',
                ));
            }
            unset($this->awaited[$order]);
        }
    }

    private function isDown(Machine $machine, int $week, CarbonImmutable $day): bool
    {
        [$code, $in, $days, $why] = self::DOWN;
        if ($machine->code !== $code || $week !== $in || ! in_array($day->dayOfWeekIso, $days, true)) {
            return false;
        }
        // The part comes the day after it was said to come, each day anew.
        Downtime::query()->create([
            'machine_id' => $machine->id,
            'from_at' => $day->setTime(8, 0),
            'to_at' => $day->setTime(17, 0),
            'why' => $why,
        ]);

        return true;
    }

    /**
     * Oiled every Friday, tension tried every second one and needles exchanged with it; stock is bought every fourth.
     *
     * @param list<Machine> $machines
     */
    private function lookAfter(array $machines, int $week, CarbonImmutable $at): void
    {
        if ($at->dayOfWeekIso !== 5) {
            return;
        }
        $tasks = $week % 2 === 0 ? [CareTask::Oil] : [CareTask::Oil, CareTask::Tension];
        foreach ($machines as $machine) {
            $stitches = (int) Machine::query()->whereKey($machine->id)->value('stitches');
            foreach ($tasks as $task) {
                Care::query()->create([
                    'event_id' => Str::uuid()->toString(),
                    'machine_id' => $machine->id,
                    'task' => $task,
                    'stitches' => $stitches,
                    'who' => self::HANDS[$machine->code][0],
                    'done_at' => $at,
                ]);
            }
            if ($week % 2 === 1) {
                CarbonImmutable::withTestNow(
                    $at,
                    static fn() => NeedleFitting::record(
                        $machine,
                        $machine->fittedTypes(),
                        Str::uuid()->toString(),
                        self::HANDS[$machine->code][0],
                    ),
                );
            }
        }
        foreach ($week % 4 === 3 ? self::BOUGHT : [] as [$of, $amount, $cents]) {
            Purchase::query()->create([
                'form_id' => Str::uuid()->toString(),
                'of' => $of,
                'amount' => $amount,
                'cents' => $amount * $cents,
                'who' => 'Ilse',
                'bought_on' => $at,
            ]);
        }
    }

    private function takeIn(CarbonImmutable $day, float $busy): void
    {
        $orders = (int) floor($busy + $this->between(0, 1));
        for ($i = 1; $i <= $orders; $i++) {
            $at = $day->setTime(9 + 2 * $i, $this->luck->getInt(0, 59));
            CarbonImmutable::withTestNow($at, fn() => $this->order($at));
        }
        $evening = $day->setTime(17, 0);
        CarbonImmutable::withTestNow($evening, function () use ($orders): void {
            // What was worked out by another clock is worked out anew.
            $this->app->forgetScopedInstances();
            $this->app->make(PlanChanges::class)->placeOpen();
            if ($orders > 0) {
                (new RecordOdds())->handle($this->app->make(ShopOdds::class), $this->app->make(PlanBoard::class));
            }
        });
    }

    private function order(CarbonImmutable $at): void
    {
        [$customer, , $garment, $colours, $sizes, $on] = $this->wish();
        // One in seven is wanted sooner than is good for the week.
        $days = $this->luck->getInt(1, 7) === 1 ? 1 : $this->luck->getInt(3, 6);
        $order = OrderBook::enter(
            $customer,
            $at,
            $at->addWeekdays($days)->setTime(...[[11, 30], [15, 0], [16, 0]][$this->luck->getInt(0, 2)]),
            '',
            DemoGarments::typed(
                [
                    DemoGarments::line(
                        $garment,
                        $colours[$this->luck->getInt(0, count($colours) - 1)],
                        array_map(fn(array $range): int => $this->luck->getInt(...$range), $sizes),
                        $on,
                    ),
                ],
                $this->catalogue,
            ),
        );
        // One supplier in nine is late himself.
        $this->awaited[$order->id] = $at->addWeekdays($this->luck->getInt(1, 9) === 1 ? $days : 0)->startOfDay();
        foreach (self::decorations($order->id) as $decoration) {
            $this->choices->keepAdvised($decoration->load(['artwork.blocks.thread', 'line']));
        }
    }

    /** @return array{string, int, array<string, string>, list<string>, array<string, array{int, int}>, array<string, string>} */
    private function wish(): array
    {
        $at = $this->luck->getInt(1, (int) array_sum(array_column(self::WISHES, 1)));
        foreach (self::WISHES as $wish) {
            $at -= $wish[1];
            if ($at <= 0) {
                return $wish;
            }
        }

        return self::WISHES[0];
    }

    /** A day at a machine: batches in the order of the plan, a load after the other, what is begun goes on tomorrow. */
    private function work(Machine $machine, CarbonImmutable $day, float $until): void
    {
        $at = $day->setTime(8, $this->luck->getInt(0, 9));
        $until = $day->addMinutes((int) (60 * $until));
        while ($at < $until && ($batch = $this->nextOf($machine)) !== null) {
            $at = $this->sew($machine, $batch, $at, $until);
        }
    }

    private function nextOf(Machine $machine): ?Batch
    {
        return Batch::query()
            ->with(['decoration.artwork', 'decoration.setup', 'decoration.line'])
            ->where('machine_id', $machine->id)
            ->whereHas('pieces', fn($piece) => $piece
                ->where('state', PieceState::Waiting)
                ->whereNotIn('order_id', array_keys($this->awaited)))
            ->orderBy('rank')
            ->first();
    }

    private function sew(Machine $machine, Batch $batch, CarbonImmutable $at, CarbonImmutable $until): CarbonImmutable
    {
        [$setup, $artwork] = [$batch->decoration->setup, $batch->decoration->artwork];
        assert($setup !== null && $artwork !== null);
        [$who, $slow] = self::HANDS[$machine->code];
        [$between, $spoiled, $causes] = self::CLOTHS[$batch->decoration->line->fabric->value];
        $planned = (float) ($setup->seconds()[$machine->id] ?? 0);
        $hoopS = $setup->hoop_s * $slow;
        $shift = DemoShift::of($machine, $batch);
        if ($shift->run->stage === Stage::Preflight) {
            $at = $at->addSeconds($this->luck->getInt(240, 900));
            $shift->tell($at, EventKind::PreflightDone, who: $who);
        }
        while ($shift->run->stage !== Stage::Finished && $at < $until) {
            $next = $shift->next();
            $hooped = $shift->run->hooped !== [];
            $at = $at->addSeconds($this->luck->getInt(35, 80) + (int) ($hooped ? 0 : $hoopS * count($next)));
            $shift->tell($at, EventKind::LoadStarted, $next, who: $who);
            $sewS = $planned * self::TAKES[$machine->code] * $this->between(0.96, 1.05);
            $ends = $at->addSeconds((int) $sewS);
            $ready = array_slice(array_diff($shift->next(), $next), 0, 1);
            if ($machine->heads === 1 && $ready !== [] && $hoopS < $sewS) {
                $at = $at->addSeconds((int) ($hoopS * $this->between(0.85, 1.2)));
                $shift->tell($at, EventKind::PieceHooped, $ready, who: $who);
            }
            if ($this->between(0, 1) < $artwork->stitches / $between) {
                $share = $this->between(0.1, 0.9);
                $stitch = (int) ($share * $artwork->stitches);
                $at = max($at, $ends->subSeconds((int) ((1 - $share) * $sewS)));
                $shift->tell($at, EventKind::ThreadBroke, [], $stitch, $share * $sewS);
                $halt = $this->luck->getInt(25, 150);
                [$at, $ends] = [$at->addSeconds($halt), $ends->addSeconds($halt)];
                $shift->tell($at, EventKind::Resumed, [], $stitch, $share * $sewS, who: $who);
            }
            $at = max($at, $ends);
            $shift->tell($at, EventKind::Sewn, $shift->run->onFrame, $artwork->stitches, $sewS);
            $at = $at->addSeconds($this->luck->getInt(8, 30));
            if ($this->between(0, 100) < $spoiled * count($next)) {
                $cause = $causes[$this->luck->getInt(0, count($causes) - 1)];
                $piece = [$shift->run->onFrame[0]];
                $shift->tell($at, EventKind::PieceSpoiled, $piece, $artwork->stitches, $sewS, $cause, $who);
            }
            if ($shift->run->stage === Stage::Sewn) {
                $shift->tell($at, EventKind::PieceDone, $shift->run->onFrame, $artwork->stitches, $sewS, who: $who);
            }
        }
        $shift->send($this->log);

        return $at;
    }

    /** Trimmed, pressed and looked at, at the end of a day. */
    private function finishedBy(CarbonImmutable $at): void
    {
        $pieces = Piece::query()->where('finish', FinishState::ToFinish)->pluck('id')->all();
        if ($pieces !== []) {
            CarbonImmutable::withTestNow(
                $at,
                fn(): int => $this->finish->finish($pieces, Str::uuid()->toString(), 'Maren'),
            );
        }
    }

    /** What was done yesterday is fetched, and the invoice goes with it. */
    private function handOver(CarbonImmutable $at): void
    {
        $done = Order::query()
            ->whereNotIn('id', HandOver::query()->select('order_id'))
            ->whereIn('id', Piece::query()->where('state', PieceState::Done)->select('order_id'))
            ->whereNotIn('id', Piece::query()->where('state', '!=', PieceState::Done)->select('order_id'))
            ->orderBy('number')
            ->get();
        foreach ($done as $order) {
            CarbonImmutable::withTestNow($at, function () use ($order): void {
                HandOvers::give($order, Str::uuid()->toString(), OrderedGarments::of($order)->done, 'Ilse');
                $this->app->forgetScopedInstances();
                $this->invoices->write(
                    $this->app->make(OrderAccounts::class)->of($order),
                    Str::uuid()->toString(),
                    'Ilse',
                );
            });
        }
    }

    private function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->luck->getInt(0, 1 << 30) / (1 << 30);
    }

    /** @return iterable<Decoration> */
    private static function decorations(int $order): iterable
    {
        return Decoration::query()
            ->whereHas('line', static fn($line) => $line->where('order_id', $order))
            ->orderBy('id')
            ->get();
    }
}
