<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Foundation\Clock\ShopClock;
use App\Plan\Queries\PlanBoard;
use Database\Factories\OrderFactory;
use Hakama\Plan\Placed;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class PlanTest extends FeatureTestCase
{
    #[Test]
    public function every_open_batch_is_drawn_and_listed_with_its_times(): void
    {
        $page = (string) $this->get('/plan')->assertOk()->getContent();
        $timetable = self::board()->timetable();

        self::assertNotSame([], $timetable->placed);
        foreach ($timetable->placed as $placed) {
            self::assertStringContainsString($placed->batch->id, $page);
            self::assertStringContainsString(ShopClock::time($placed->end())->format('D H:i'), $page);
        }
        self::assertStringContainsString('One batch will be late', $page);
        self::assertStringContainsString(
            'style="fill: #a83a16">late<',
            str_replace("\n", '', $page),
            'lateness is a word, not only a colour',
        );
    }

    #[Test]
    public function what_runs_comes_first_and_needs_no_set_up(): void
    {
        $running = self::board()->timetable()->on('M1')[0];

        self::assertSame(self::batchOf(self::running('M1'))->code, $running->batch->id);
        self::assertSame(0, $running->changeoverS);
        self::assertSame(11, $running->batch->pieces, 'five of sixteen are done');
    }

    #[Test]
    public function moving_a_batch_works_every_time_out_anew(): void
    {
        [$ferry, $loaf] = [self::batchOf(self::hoodies())->code, self::batchOf(self::aprons())->code];
        $before = self::board()->timetable()->find($loaf);
        self::assertNotNull($before);
        self::assertGreaterThan(0, $before->lateS());
        $this->post(
            '/plan/moves',
            ['batch' => $loaf, 'machine' => 'M1', 'rank' => 1, 'version' => PlanBoard::version()],
            ['HX-Request' => 'true'],
        )
            ->assertOk()
            ->assertSee('data-focus="'.$loaf.'"', false);
        $board = self::board();

        self::assertSame([$loaf, $ferry], array_slice($board->sequence()->on('M1'), 1, 2));
        self::assertLessThan($before->end(), $board->timetable()->find($loaf)?->end());
    }

    #[Test]
    public function a_batch_may_go_to_another_machine_but_not_to_one_that_cannot_sew_it(): void
    {
        $polos = self::batchOf(self::polos())->code;
        $this->post('/plan/moves', [
            'batch' => $polos,
            'machine' => 'M3',
            'rank' => 9,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        self::assertContains($polos, self::board()->sequence()->on('M3'));

        $caps = self::batchOf(OrderFactory::new()->caps()->nextAt('M1')->create())->code;
        $move = fn(string $machine) => $this->post('/plan/moves', [
            'batch' => $caps,
            'machine' => $machine,
            'rank' => 0,
            'version' => PlanBoard::version(),
        ]);
        $move('M9')->assertSessionHasErrors('machine');
        $move('M2')->assertSessionHas('problem', static fn(string $text): bool => str_contains($text, 'M2'));
        self::assertContains($caps, self::board()->sequence()->on('M1'));
    }

    #[Test]
    public function what_runs_stays_and_nothing_goes_before_it(): void
    {
        foreach (
            [[self::batchOf(self::running('M1'))->code, 3], [self::batchOf(self::hoodies())->code, 0]] as [$batch, $rank]
        ) {
            $this->post('/plan/moves', [
                'batch' => $batch,
                'machine' => 'M1',
                'rank' => $rank,
                'version' => PlanBoard::version(),
            ])->assertSessionHas('problem', static fn(string $text): bool => str_contains($text, 'is running'));
        }
        self::assertSame(self::batchOf(self::running('M1'))->code, self::board()->sequence()->on('M1')[0]);
    }

    #[Test]
    public function the_second_of_two_people_moving_at_once_sees_what_changed_and_loses_nothing(): void
    {
        [$ferry, $loaf] = [self::batchOf(self::hoodies())->code, self::batchOf(self::aprons())->code];
        $seen = PlanBoard::version();
        $this->post('/plan/moves', [
            'batch' => $loaf,
            'machine' => 'M1',
            'rank' => 1,
            'version' => $seen,
        ])->assertSessionHas('done');
        app()->forgetScopedInstances();
        $this->post(
            '/plan/moves',
            ['batch' => $ferry, 'machine' => 'M1', 'rank' => 2, 'version' => $seen],
            ['HX-Request' => 'true'],
        )
            ->assertOk()
            ->assertSee('Somebody else changed the plan in the meantime');
        self::assertSame([$loaf, $ferry], array_slice(self::board()->sequence()->on('M1'), 1, 2));
    }

    #[Test]
    public function planned_anew_by_due_time_the_running_stay_and_no_batch_is_lost(): void
    {
        $codes = static fn(): array => array_map(
            static fn(Placed $p): string => $p->batch->id,
            self::board()->timetable()->placed,
        );
        $before = $codes();
        $this->post('/plan/due', ['version' => PlanBoard::version()])->assertRedirect('/plan');
        $after = $codes();

        self::assertEqualsCanonicalizing($before, $after);
        self::assertSame(self::batchOf(self::running('M1'))->code, self::board()->sequence()->on('M1')[0]);
        $this->post('/plan/due', ['version' => 0])->assertSessionHas('problem');
    }
}
