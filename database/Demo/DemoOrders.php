<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Floor\Actions\AppendEvent;
use App\Floor\Models\FloorEvent;
use App\Machine\Models\Machine;
use App\Orders\Actions\OrderBook;
use App\Orders\Models\Decoration;
use App\Orders\Models\Lettering;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Orders\Names\NamesBook;
use App\Plan\Actions\PlanChanges;
use App\Plan\Models\Batch;
use App\Plan\Queries\PlanBoard;
use App\Setup\Actions\SetupChoices;
use App\Shop\Catalogue\Catalogue;
use App\Stock\Models\Thread;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\SpoilCause;
use Hakama\Floor\Stage;
use Hakama\Garment\Size;
use Hakama\Lettering\Alphabet;
use Hakama\Lettering\NameList;
use Illuminate\Support\Facades\DB;

/** The orders of Ullenmere, at every stage of their way through the shop. */
final class DemoOrders
{
    private const CREW = "Tjorven; M\nØyvind; L\nZoë; S\nBartłomiej; L\nIda; M\nNuño; S\nAlma-Lou; M";

    private readonly CarbonImmutable $day;

    public function __construct(
        private readonly CarbonImmutable $now,
        private readonly SetupChoices $choices,
        private readonly PlanChanges $plan,
        private readonly AppendEvent $log,
        private readonly Catalogue $catalogue,
        private readonly NamesBook $names,
    ) {
        // Promises are made for working days ahead, whatever hour the demo is started at.
        $this->day = $now->hour < 11 && ! $now->isWeekend() ? $now->startOfDay() : $now->addWeekday()->startOfDay();
    }

    public function build(): void
    {
        $this->finished(
            'Bell Ringers of Ullenmere',
            -4,
            [DemoGarments::line(DemoGarments::POLO, 'plum', ['S' => 2, 'M' => 5, 'L' => 4], ['left_chest' => 'Ringers’ bell'])],
            'M2',
            1,
        );
        $this->finished(
            'Ullenmere Night Bakery',
            -3,
            [DemoGarments::line(DemoGarments::APRON, 'ecru', ['one' => 9], ['centre' => 'Loaf and moon'])],
            'M1',
            0,
        );
        $this->finished(
            'Mere Seed Library',
            -1,
            [DemoGarments::line(DemoGarments::BAG, 'natural', ['one' => 12], ['centre' => 'Seed sprig'])],
            'M3',
            1,
            agreedCents: 3_900,
            odds: 0.88,
        );

        $running = $this->order('Ullenmere Ferry Crew', 0, '17:00', [
            DemoGarments::line(DemoGarments::HIGH_CAP, 'navy', ['one' => 16], ['cap_front' => 'Lantern row']),
        ]);
        $backs = $this->order('Long Loch Canoe School', 1, '12:00', [
            DemoGarments::line(
                DemoGarments::JACKET,
                'slate',
                ['S' => 2, 'M' => 4, 'L' => 3, 'XL' => 1],
                ['full_back' => 'Lake panorama'],
            ),
        ]);
        $this->order('Bell Ringers of Ullenmere', 0, '12:00', [
            DemoGarments::line(DemoGarments::POLO, 'oatmeal', ['M' => 4, 'L' => 6, 'XL' => 2], ['left_chest' => 'Ringers’ bell']),
        ]);
        $this->order('Ullenmere Ferry Crew', 1, '16:00', [
            DemoGarments::line(
                DemoGarments::HOODIE,
                'ink',
                ['S' => 3, 'M' => 5, 'L' => 5, 'XL' => 2],
                ['left_chest' => 'Ferry roundel'],
            ),
        ]);
        $this->order('Ullenmere Night Bakery', 0, '11:30', [
            DemoGarments::line(DemoGarments::APRON, 'rust', ['one' => 14], ['centre' => 'Loaf and moon']),
        ]);
        $this->order('Mere Seed Library', 2, '15:00', [
            DemoGarments::line(
                DemoGarments::TEE,
                'sage',
                ['XS' => 2, 'S' => 4, 'M' => 6, 'L' => 4],
                ['left_chest' => 'Seed sprig', 'sleeve' => 'Reed stalk'],
            ),
        ]);
        $this->order(
            'Festival of Lanterns',
            3,
            '12:00',
            [
                DemoGarments::line(DemoGarments::CAP, 'cream', ['one' => 20], ['cap_front' => 'Lantern row']),
                DemoGarments::line(DemoGarments::TOWEL, 'white', ['one' => 8], ['corner' => 'Lantern row']),
            ],
            setUp: false,
        );
        $this->order(
            'Long Loch Canoe School',
            4,
            '16:00',
            [DemoGarments::line(DemoGarments::JACKET, 'moss', ['M' => 4, 'L' => 4], ['left_chest' => 'Paddle mark'])],
            setUp: false,
        );
        $this->order(
            'Festival of Lanterns',
            5,
            '16:00',
            [DemoGarments::line(DemoGarments::BLANKET, 'teal', ['one' => 6], ['corner' => null])],
            setUp: false,
        );

        $this->order(
            'Long Loch Canoe School',
            6,
            '16:00',
            [
                DemoGarments::line(
                    DemoGarments::TROUSERS,
                    'stone',
                    ['M' => 3, 'L' => 3],
                    ['leg' => 'Reed stalk', 'leg ' => 'Applied leaf', 'leg  ' => 'Reed stalk'],
                ),
            ],
            setUp: false,
        );

        // The days after: written down as they came in, a cap here and a flat there, which is how a day fills with
        // changeovers.
        foreach (
            [
                [
                    'Ullenmere Ferry Crew',
                    3,
                    DemoGarments::line(DemoGarments::HIGH_CAP, 'navy', ['one' => 10], ['cap_front' => 'Lantern row']),
                ],
                ['Mere Seed Library', 4, DemoGarments::line(DemoGarments::BAG, 'natural', ['one' => 12], ['centre' => 'Seed sprig'])],
                [
                    'Festival of Lanterns',
                    5,
                    DemoGarments::line(DemoGarments::HIGH_CAP, 'cream', ['one' => 8], ['cap_front' => 'Ringers’ bell, cap']),
                ],
                [
                    'Ullenmere Ferry Crew',
                    4,
                    DemoGarments::line(DemoGarments::POLO, 'ink', ['M' => 4, 'L' => 4], ['left_chest' => 'Ferry roundel']),
                ],
                [
                    'Long Loch Canoe School',
                    5,
                    DemoGarments::line(DemoGarments::TEE, 'sage', ['S' => 3, 'M' => 5], ['sleeve' => 'Reed stalk']),
                ],
                [
                    'Festival of Lanterns',
                    5,
                    DemoGarments::line(DemoGarments::HIGH_CAP, 'rust', ['one' => 8], ['cap_front' => 'Lantern row']),
                ],
                [
                    'Ullenmere Night Bakery',
                    5,
                    DemoGarments::line(DemoGarments::APRON, 'ecru', ['one' => 8], ['centre' => 'Loaf and moon']),
                ],
                [
                    'Bell Ringers of Ullenmere',
                    6,
                    DemoGarments::line(DemoGarments::HIGH_CAP, 'plum', ['one' => 8], ['cap_front' => 'Ringers’ bell, cap']),
                ],
                [
                    'Mere Seed Library',
                    6,
                    DemoGarments::line(DemoGarments::TEE, 'moss', ['S' => 4, 'M' => 6], ['left_chest' => 'Seed sprig']),
                ],
                [
                    'Long Loch Canoe School',
                    6,
                    DemoGarments::line(DemoGarments::TEE, 'sage', ['M' => 4, 'L' => 4], ['sleeve' => 'Reed stalk']),
                ],
                [
                    'Bell Ringers of Ullenmere',
                    6,
                    DemoGarments::line(DemoGarments::POLO, 'oatmeal', ['M' => 5, 'L' => 5], ['left_chest' => 'Ringers’ bell']),
                ],
            ] as $i => [$customer, $dueIn, $line]
        ) {
            $this->order($customer, $dueIn, '16:00', [$line], receivedAt: $this->now->subDays(2)->addHours($i));
        }

        $this->putFirst($running, 'M1');
        $this->putFirst($backs, 'M3');
        // Nobody made these moves, so nobody undoes them.
        DB::table('plan_changes')->delete();
        $this->run($running, 'M1', loads: 5, spoil: null, at: $this->now->subMinutes(80), leaveSewing: true);
        $this->run(
            $backs,
            'M3',
            loads: 1,
            spoil: SpoilCause::Registration,
            at: $this->now->subMinutes(95),
            leaveSewing: true,
        );
        $this->crewList();
        // Just come in: badges to iron on, and aprons with three cloths laid on.
        $this->order(
            'Ullenmere Ferry Crew',
            12,
            '16:00',
            [DemoGarments::line(DemoGarments::BADGE, 'navy', ['one' => 30], ['centre' => 'Ferry badge, sheet of 6'])],
            setUp: false,
        );
        $this->order(
            'Ullenmere Night Bakery',
            12,
            '16:00',
            [DemoGarments::line(DemoGarments::APRON, 'ecru', ['one' => 6], ['centre' => 'Harbour at dusk'])],
            setUp: false,
        );
        // Bobbins were changed this morning, and some of each is sewn.
        // Counted by somebody at the end of the days before.
        Machine::query()->update([
            'bobbin_used_m' => 26.0,
            'bobbin_before_m' => 26.0,
            'bobbin_after_seq' => (int) FloorEvent::query()->max('seq'),
        ]);
    }

    /** A name on each: the new deckhands, as the ferry wrote them down; nobody has read the spelling yet. */
    private function crewList(): void
    {
        $order = $this->order(
            'Ullenmere Ferry Crew',
            11,
            '16:00',
            [DemoGarments::line(DemoGarments::POLO, 'navy', ['S' => 2, 'M' => 3, 'L' => 2], ['left_chest' => null])],
            setUp: false,
        );
        foreach ($this->decorations($order) as $decoration) {
            $texts = NameList::read(self::CREW, array_column(Size::cases(), 'value'));
            $this->names->keep(
                $decoration,
                new Lettering(['alphabet' => Alphabet::Script, 'height_mm' => 11.0, 'most_mm' => 70.0]),
                $texts->paired($decoration->pieces()->orderBy('id')->pluck('size', 'id')->all()),
                (int) Thread::query()->where('code', 'D-03')->value('id'),
            );
        }
    }

    /** @param list<array<string, mixed>> $lines with `on`: position => artwork's name */
    private function order(
        string $customer,
        int $dueIn,
        string $time,
        array $lines,
        bool $setUp = true,
        ?CarbonImmutable $receivedAt = null,
    ): Order {
        $due = (
            $dueIn >= 0
            ? $this->day->addWeekdays($dueIn)
            : $this->now->startOfDay()->subWeekdays(-$dueIn)
        )->setTimeFromTimeString($time);
        $order = OrderBook::enter(
            $customer,
            $receivedAt ?? $this->now->subDays(3),
            $due,
            '',
            DemoGarments::typed($lines, $this->catalogue),
        );
        if ($setUp) {
            foreach ($this->decorations($order) as $decoration) {
                $this->choices->keepAdvised($decoration->load(['artwork.blocks.thread', 'line']));
            }
            $this->plan->placeOpen();
        }

        return $order;
    }

    /**
     * @param list<array<string, mixed>> $lines
     * @param int|null                   $agreedCents for it, where that is not what the list says
     * @param float                      $odds        that were given when it was promised
     */
    private function finished(
        string $customer,
        int $day,
        array $lines,
        string $machine,
        int $spoiled,
        ?int $agreedCents = null,
        float $odds = 0.95,
    ): void {
        $at = $this->now
            ->startOfDay()
            ->subWeekdays(-$day)
            ->setTime(9, 10);
        $order = $this->order($customer, $day, '16:00', $lines, receivedAt: $at->subDays(4));
        $this->putFirst($order, $machine);
        $this->run(
            $order,
            $machine,
            loads: null,
            spoil: $spoiled > 0 ? SpoilCause::Puckering : null,
            at: $at,
            leaveSewing: false,
        );
        $order->update(['agreed_cents' => $agreedCents]);
        DB::table('said_odds')->insert([
            'order_id' => $order->id,
            'due_at' => $order->due_at,
            'kept' => $odds,
            'said_at' => $at->subDays(4),
        ]);
        // Finished and looked at that same evening.
        Piece::query()
            ->where('order_id', $order->id)
            ->update(['finish' => FinishState::Passed]);
    }

    private function putFirst(Order $order, string $machine): void
    {
        foreach ($this->decorations($order) as $decoration) {
            assert($decoration->batch !== null);
            $this->plan->move($decoration->batch->code, $machine, 0, PlanBoard::version());
        }
    }

    /** Lives through a batch: preflight, loads, a break here and there, and pieces counted. */
    private function run(
        Order $order,
        string $machineCode,
        ?int $loads,
        ?SpoilCause $spoil,
        CarbonImmutable $at,
        bool $leaveSewing,
    ): void {
        $machine = Machine::query()->where('code', $machineCode)->firstOrFail();
        foreach ($this->decorations($order) as $decoration) {
            $batch = $decoration->batch;
            assert($batch !== null && $decoration->setup !== null && $decoration->artwork !== null);
            $planned = (float) ($decoration->setup->seconds()[$machine->id] ?? 0);
            $stitches = $decoration->artwork->stitches;
            $shift = DemoShift::of($machine, $batch);
            $shift->tell($at, EventKind::PreflightDone);
            for ($load = 1; $shift->run->stage !== Stage::Finished && ($loads === null || $load <= $loads); $load++) {
                $at = $at->addSeconds(70);
                $shift->tell($at, EventKind::LoadStarted, $shift->next());
                $real = $planned * (0.94 + 0.03 * ($load % 5));
                if ($load % 4 === 3) {
                    $shift->tell($at->addSeconds(120), EventKind::ThreadBroke, [], intdiv($stitches, 3), $real / 3);
                    $shift->tell($at->addSeconds(200), EventKind::Resumed);
                }
                $at = $at->addSeconds((int) $real);
                $shift->tell($at, EventKind::Sewn, $shift->run->onFrame, $stitches, $real);
                if ($load === 1 && $spoil !== null) {
                    $shift->tell($at, EventKind::PieceSpoiled, [$shift->run->onFrame[0]], $stitches, $real, $spoil);
                }
                if ($shift->run->stage === Stage::Sewn) {
                    $shift->tell($at, EventKind::PieceDone, $shift->run->onFrame, $stitches, $real);
                }
            }
            if ($leaveSewing) {
                $shift->tell($this->now, EventKind::LoadStarted, $shift->next());
                $shift->tell($this->now, EventKind::PieceHooped, [$shift->next()[0]]);
            }
            $shift->send($this->log);
        }
    }

    /** @return iterable<Decoration> */
    private function decorations(Order $order): iterable
    {
        return Decoration::query()
            ->with(['batch', 'setup', 'artwork'])
            ->whereHas('line', static fn($line) => $line->where('order_id', $order->id))
            ->orderBy('id')
            ->get();
    }
}
