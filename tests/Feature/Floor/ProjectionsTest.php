<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Floor\Actions\AppendEvent;
use App\Floor\Actions\RecountFloor;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Floor\Projections\BatchStates;
use App\Floor\Projections\BobbinUsed;
use App\Floor\Projections\ClothUsed;
use App\Floor\Projections\DaySums;
use App\Floor\Projections\NeedleWearCount;
use App\Floor\Projections\Projection;
use App\Floor\Projections\Projections;
use App\Floor\Projections\ThreadUsed;
use App\Needles\Models\NeedleFitting;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Stock\Models\Cone;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\OutOfTurn;
use Hakama\Floor\PieceState;
use Hakama\Floor\SpoilCause;
use Hakama\Floor\Stage;
use Hakama\Machine\NeedleType;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\FeatureTestCase;

/**
 * Random days at all machines, with breaks, spoiled pieces, bobbins, needles fitted, cones measured and what was recorded
 * by mistake put right: whatever is kept beside the log is what the log comes to, worked out anew or gone on with.
 */
final class ProjectionsTest extends FeatureTestCase
{
    private Randomizer $chance;

    #[Test]
    public function what_is_kept_beside_the_log_is_what_the_log_comes_to(): void
    {
        $this->chance = new Randomizer(new Mt19937(11));
        self::assertSame(0, app(RecountFloor::class)->all()->wrong, 'the demo');
        $this->live((int) (getenv('PROJECTED_EVENTS') ?: 400));
        $live = self::kept();
        $year = [CarbonImmutable::parse('2025-01-01'), CarbonImmutable::parse('2028-01-01')];
        // What was taken back to nothing is left out of the one and nought in the other.
        $plain = static fn(Entry $entry): array => [...get_object_vars($entry), 'spoiled' => array_filter($entry->spoiled)];
        self::assertEquals(
            array_map($plain, LedgerBySql::between(...$year)),
            array_map($plain, DaySums::between(...$year)),
            'the sums of days and one query over all events',
        );

        $recount = app(RecountFloor::class)->all();
        self::assertSame(0, $recount->wrong);
        self::assertSame([], $recount->misfits);
        self::assertEqualsWithDelta($live, self::kept(), 1e-4, 'worked out anew');

        // Killed on the way: each goes on from where it stood, wherever that was.
        $events = FloorEvent::query()->orderBy('seq')->get()->all();
        foreach (self::all() as $i => $projection) {
            $some = array_slice($events, 0, intdiv(count($events) * ($i + 1), 9));
            $projection->reset();
            $some === [] || $projection->apply($some);
            DB::table('projections')->where('name', $projection->name())->update(['seq' => $some[count($some) - 1]->seq]);
        }
        $last = (int) FloorEvent::query()->max('seq');
        self::assertLessThan($last, (int) DB::table('projections')->min('seq'));
        app(Projections::class)->bringUp();
        self::assertSame($last, (int) DB::table('projections')->min('seq'));
        self::assertEqualsWithDelta($live, self::kept(), 1e-4, 'gone on with');
    }

    #[Test]
    public function what_somebody_wrote_past_the_log_is_found_and_put_right(): void
    {
        $right = self::kept();
        Piece::query()->where('state', PieceState::Done)->limit(3)->update(['state' => PieceState::Waiting]);
        Cone::query()->orderBy('id')->limit(1)->update(['metres_left' => DB::raw('metres_left + 5')]);
        DB::table('day_sums')->limit(1)->update(['done' => 99]);
        self::assertSame(5, app(RecountFloor::class)->all()->wrong);
        self::assertEqualsWithDelta($right, self::kept(), 1e-4);
    }

    private function live(int $events): void
    {
        $batches = Batch::query()->whereNotNull('machine_id')->with('machine')->orderBy('id')->get();
        $running = $batches->groupBy('machine_id')->map->first();
        for ($told = 0; $told < $events;) {
            CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinutes($this->chance->getInt(1, 40)));
            if ($this->chance->getInt(1, 40) === 1) {
                $this->besides();
            }
            $batch = $running[$this->chance->pickArrayKeys($running->all(), 1)[0]];
            $told += $this->touch($batch) ? 1 : 0;
            if (FloorLog::run($batch)->stage === Stage::Finished) {
                $next = $batches->firstWhere(
                    static fn(Batch $one): bool => $one->machine_id === $batch->machine_id
                        && FloorLog::run($one)->stage !== Stage::Finished,
                );
                if ($next === null) {
                    // Somebody finds fault with what was sewn, and it is sewn again.
                    $this->say($batch, EventKind::PieceRejected, $this->some($batch, PieceState::Done), SpoilCause::Other);
                    $next = $batch;
                }
                $running[$batch->machine_id] = $next;
            }
        }
    }

    /** A touch that may come to nothing, as the ones of people do. */
    private function touch(Batch $batch): bool
    {
        $run = FloorLog::run($batch);
        $kind = EventKind::cases()[$this->chance->getInt(0, count(EventKind::cases()) - 1)];
        // The way on is taken more often than what comes in between.
        if ($this->chance->getInt(1, 3) > 1) {
            $kind = match ($run->stage) {
                Stage::Sewing => EventKind::Sewn,
                Stage::Halted => EventKind::Resumed,
                Stage::Sewn => EventKind::PieceDone,
                Stage::Ready => EventKind::LoadStarted,
                default => EventKind::PreflightDone,
            };
        }

        return $this->say(
            $batch,
            $kind,
            match ($kind) {
                EventKind::LoadStarted, EventKind::PieceHooped => $this->some($batch, PieceState::Waiting),
                EventKind::PieceSpoiled => array_slice($run->onFrame, 0, 1),
                EventKind::Sewn, EventKind::PieceDone, EventKind::HoopingDone => $run->onFrame,
                EventKind::PieceReturned, EventKind::PieceRejected => $this->some($batch, PieceState::Done),
                EventKind::SpoilWithdrawn => $this->some($batch, PieceState::Waiting),
                default => [],
            },
            in_array($kind, [EventKind::PieceSpoiled, EventKind::PieceRejected, EventKind::SpoilWithdrawn], true)
                ? SpoilCause::cases()[$this->chance->getInt(0, count(SpoilCause::cases()) - 1)]
                : null,
        );
    }

    /** @param list<int> $pieces */
    private function say(Batch $batch, EventKind $kind, array $pieces, ?SpoilCause $cause = null): bool
    {
        $run = FloorLog::run($batch);
        if ($batch->machine === null) {
            return false;
        }
        try {
            app(AppendEvent::class)->append(
                $batch->machine,
                $batch,
                new Event(
                    Str::uuid()->toString(),
                    $kind,
                    $batch->id,
                    $run->load->number,
                    $this->chance->getInt(1, 2000),
                    $this->chance->getInt(10, 600),
                    $pieces,
                    $cause,
                ),
                'hand',
                'Ilse',
            );

            return true;
        } catch (OutOfTurn) {
            return false;
        }
    }

    /** @return list<int> one to three pieces of a batch that are so */
    private function some(Batch $batch, PieceState $state): array
    {
        $all = Piece::query()
            ->where('decoration_id', $batch->decoration_id)
            ->where('state', $state)
            ->orderBy('id')
            ->pluck('id')
            ->all();

        return array_slice($all, 0, $this->chance->getInt(1, 3));
    }

    /** What people do beside the log: a cone is measured, needles are fitted. */
    private function besides(): void
    {
        if ($this->chance->getInt(0, 1) === 0) {
            $cone = Cone::query()->inRandomOrder($this->chance->getInt(1, 1000))->firstOrFail();
            $cone->update(['metres_left' => $this->chance->getInt(10, 4000), 'measured_at' => CarbonImmutable::now()]);
        } else {
            NeedleFitting::record(
                self::machine('M'.$this->chance->getInt(1, 3)),
                [$this->chance->getInt(1, 6) => new NeedleType('75/11', 'sharp')],
                Str::uuid()->toString(),
                'Ilse',
            );
        }
    }

    /** @return list<Projection> */
    private static function all(): array
    {
        return [new BatchStates(), new NeedleWearCount(), new ThreadUsed(), new ClothUsed(), new BobbinUsed(), new DaySums()];
    }

    /** @return array<string, list<array<string, mixed>>> table => what is projected of it */
    private static function kept(): array
    {
        $kept = [];
        foreach (self::all() as $projection) {
            foreach ($projection->kept() as $table => [$names, $values]) {
                $columns = array_map(static fn(string $one): string => trim($one, '`'), [...$names, ...$values]);
                $query = DB::table($table)->select($columns);
                foreach ($names as $name) {
                    $query->orderBy($name);
                }
                $kept["{$table} {$projection->name()}"] = $query->get()->map(get_object_vars(...))->all();
            }
        }

        return $kept;
    }
}
