<?php

declare(strict_types=1);

namespace Tests\Feature\Books;

use App\Books\Queries\MachineHours;
use App\Floor\Actions\AppendEvent;
use App\Floor\Projections\DaySums;
use App\Foundation\Clock\ShopClock;
use App\Shop\Calendar\Calendar;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Hakama\Calendar\Day;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Shared\Date;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\Floor\LedgerBySql;

/** What is kept of each day, and the books by day, week, month and year. */
final class BooksTest extends FeatureTestCase
{
    #[Test]
    public function what_is_kept_of_a_day_is_what_its_events_come_to_also_when_one_comes_in_late(): void
    {
        $this->assertKept();
        $batch = self::batchOf(self::polos());
        $pieces = $batch->pieces()->orderBy('pieces.id')->limit(3)->pluck('pieces.id')->all();
        app(AppendEvent::class)->append(
            self::machine('M2'),
            $batch,
            new Event(Str::uuid()->toString(), EventKind::PreflightDone, $batch->id, 0),
            'hand',
            'Ilse',
            now()->subDays(3)->subMinute()->toImmutable(),
        );
        // A tablet was away: what was touched three days ago comes in now, between others.
        foreach ([now()->subDays(3), now(), now()->subDays(3)->addMinutes(9)] as $i => $at) {
            foreach ([EventKind::LoadStarted, EventKind::Sewn, EventKind::PieceDone] as $kind) {
                app(AppendEvent::class)->append(
                    self::machine('M2'),
                    $batch,
                    new Event(Str::uuid()->toString(), $kind, $batch->id, $i + 1, 100, 60.0, [$pieces[$i]]),
                    'hand',
                    'Ilse',
                    $at->toImmutable(),
                );
            }
            $this->assertKept();
        }
        $this->artisan('books:recount')->assertExitCode(0);
        DB::table('day_sums')
            ->orderBy('day')
            ->limit(1)
            ->update(['stitches' => 7]);
        $this->artisan('books:recount')->expectsOutputToContain('put right')->assertExitCode(1);
        $this->artisan('books:recount')->assertExitCode(0);
        $this->assertKept();
    }

    #[Test]
    public function a_page_of_the_books_reads_and_counts_nothing(): void
    {
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked[] = $query->sql;
        });
        DaySums::between(CarbonImmutable::today()->subYear(), CarbonImmutable::today());
        self::assertCount(1, $asked, implode("\n", $asked));
    }

    #[Test]
    public function the_books_are_added_up_by_day_week_month_and_year_and_each_opens_what_it_is_made_of(): void
    {
        $done = array_sum(array_map(static fn(Entry $e): int => $e->done, self::counted()));
        self::assertGreaterThan(20, $done);
        foreach (['day', 'week', 'month', 'year'] as $by) {
            $from = CarbonImmutable::today()->subDays(20)->toDateString();
            $page = (string) $this->get("/books?by={$by}&from={$from}")
                ->assertOk()
                ->assertSee('By '.$by)
                ->assertSee('Biggest losses')
                ->getContent();
            preg_match_all('~<tr data-label="([^"]+)" data-values="\[(\d+)\]">.*?</tr>~s', $page, $rows);
            self::assertSame(
                array_sum(array_map(static fn(Entry $e): int => $e->stitches, self::counted())),
                array_sum(array_map(intval(...), $rows[2])),
                "by {$by} nothing is lost",
            );
        }
        $this->get('/books?by=year')->assertSee('by=month', false);
        $this->get('/books?by=fortnight')->assertSessionHasErrors('by');
        $this->get('/books?from=2026-03-09&to=2026-03-01')->assertSessionHasErrors('to');
        $this->get('/books?by=year&from=1990-01-01')->assertOk();
    }

    #[Test]
    public function the_hours_of_each_machine_are_shared_out_and_long_times_are_not(): void
    {
        $from = CarbonImmutable::today()->subDays(6);
        $hours = app(MachineHours::class)->between($from, CarbonImmutable::today());
        self::assertSame(['M1', 'M2', 'M3'], array_keys($hours));
        self::assertGreaterThan(3600, $hours['M1']->sewing);
        // Nothing was told of the second one today: all of its hours so far were idle.
        $today = app(MachineHours::class)->between(CarbonImmutable::today(), CarbonImmutable::today())['M2'];
        $day = Day::at(ShopClock::now());
        $worked = array_sum(
            array_map(
                static fn(array $span): int => max(0, min($span[1], ShopClock::now()) - $span[0]),
                app(Calendar::class)->work()->spans($day),
            ),
        );
        self::assertSame(
            ['sewing' => 0, 'stopped' => 0, 'hands' => 0, 'changing' => 0, 'idle' => $worked],
            get_object_vars($today),
        );
        $this->get("/books?from={$from->toDateString()}")->assertSee('Where the hours went');
        $this->get('/books?by=year')->assertDontSee('Where the hours went');
    }

    #[Test]
    public function they_are_taken_as_a_list_or_as_a_spreadsheet_with_the_same_lines(): void
    {
        $from = CarbonImmutable::today()->subDays(20)->toDateString();
        $csv = $this->get("/books.csv?from={$from}")
            ->assertOk()
            ->streamedContent();
        $lines = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\n", trim($csv)));
        self::assertSame(["\u{FEFF}day", 'machine', 'order'], array_slice($lines[0], 0, 3));
        self::assertCount(1 + count(self::counted()), $lines);
        $file = sys_get_temp_dir().'/books-'.getmypid().'.xlsx';
        file_put_contents(
            $file,
            (string) $this->get("/books.xlsx?from={$from}")
                ->assertOk()
                ->getContent(),
        );
        $active = IOFactory::load($file)->getActiveSheet();
        unlink($file);
        self::assertTrue(Date::isDateTime($active->getCell('A2')), 'a day is one to a spreadsheet, not a text');
        $sheet = $active->toArray(null, false, false);
        foreach (array_keys($sheet) as $i) {
            $sheet[$i][0] = $i === 0 ? $sheet[$i][0] : Date::excelToDateTimeObject($sheet[$i][0])->format('Y-m-d');
        }
        $lines[0][0] = 'day';
        self::assertEquals(
            $lines,
            array_map(
                static fn(array $row): array => array_map(static fn(mixed $cell): string => (string) $cell, $row),
                $sheet,
            ),
        );
    }

    private function assertKept(): void
    {
        $of = static fn(array $entries): array => array_map(get_object_vars(...), $entries);
        $kept = DaySums::between(CarbonImmutable::today()->subYear(), CarbonImmutable::today()->addDay());
        self::assertNotSame([], $kept);
        self::assertEquals($of(self::counted()), $of($kept));
    }

    /** @return list<Entry> */
    private static function counted(): array
    {
        return LedgerBySql::between(CarbonImmutable::today()->subYear(), CarbonImmutable::today()->addDay());
    }
}
