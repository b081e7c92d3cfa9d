<?php

declare(strict_types=1);

namespace Tests\Feature\Setup;

use App\Books\Learning\LoggedWork;
use App\Foundation\ShopProfile;
use App\Orders\Models\OrderLine;
use App\Setup\Models\Practice;
use App\Setup\Models\Setup;
use App\Setup\Queries\MachineSetups;
use App\Shop\Calendar\Calendar;
use App\Shop\Calendar\CalendarBook;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpoilCause;
use Hakama\Garment\PatchBack;
use Hakama\House\HouseRule;
use Hakama\House\RuleSpec;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What follows from something is another as soon as that is, whoever changed it and wherever. */
final class FollowTest extends FeatureTestCase
{
    #[Test]
    public function a_slower_machine_sews_what_is_set_up_already_for_longer(): void
    {
        $setup = self::decoration(self::polos())->setup;
        $machine = self::machine('M2');
        $before = $setup?->seconds()[$machine->id] ?? 0;
        $list = app(\App\Shop\Catalogue\MachineList::class);
        $row = array_combine(
            array_map(static fn(\App\Shop\Catalogue\Column $one): string => $one->name, $list->columns()),
            array_values(array_filter($list->rows(), static fn(array $row): bool => $row[0] === 'M2'))[0],
        );
        $this->put('/shop/catalogue/machines/one', [...$row, 'top_spm' => '400'])->assertSessionHasNoErrors();
        $after = Setup::query()->find($setup?->decoration_id)->seconds()[$machine->id] ?? 0;
        self::assertGreaterThan($before, $after);

        $this->put('/shop/catalogue/machines/one', [...$row])->assertSessionHasNoErrors();
        self::assertSame($before, Setup::query()->find($setup?->decoration_id)->seconds()[$machine->id] ?? 0);
    }

    #[Test]
    public function a_machine_that_is_new_may_sew_what_is_set_up_already(): void
    {
        $setup = self::decoration(self::polos())->setup;
        $this->post('/shop/machines', [
            'code' => 'M9',
            'title' => 'The new one',
            'heads' => 1,
            'needles' => 12,
            'top_spm' => 1000,
            'drivers' => ['flat'],
            'driver' => 'flat',
            'counts_from' => 'left',
            'many' => 1,
        ])->assertSessionHasNoErrors();
        self::assertGreaterThan(
            0,
            Setup::query()->find($setup?->decoration_id)->seconds()[self::machine('M9')->id] ?? 0,
        );
    }

    #[Test]
    public function a_rule_times_what_is_set_up_wherever_it_stands_on_the_form(): void
    {
        $id = self::decoration(self::polos())->id;
        $before = Setup::query()->findOrFail($id)->seconds();
        $touched = [];
        foreach (self::rules() as $rule) {
            $spec = RuleSpec::of($rule);
            $value = app(\App\Shop\House::class)->rules()->value($rule);
            $other = $value + max(1.0, ($spec->most - $value) / 2);
            if ($other > $spec->most) {
                continue;
            }
            $this->put('/shop/rules', [$rule->value => (string) $other]);
            $after = Setup::query()->findOrFail($id);
            $now = app(\App\Setup\Queries\SetupTimes::class)->of(
                $after->decoration->artwork ?? throw new \LogicException(),
                $after->speed_spm,
                $after->frame,
                $after->decoration->line->fabric,
            );
            self::assertSame($now, $after->seconds(), "{$rule->value}: what is kept is what it comes to");
            $touched[] = $after->seconds() !== $before ? $spec->station : null;
            $this->put('/shop/rules', [$rule->value => (string) $value]);
        }
        self::assertNotSame([], array_filter($touched));
        self::assertSame($before, Setup::query()->findOrFail($id)->seconds());
    }

    /** @return list<HouseRule> of several sections of the form: some that time follows from, and one that it does not */
    private static function rules(): array
    {
        return [HouseRule::TrimTime, HouseRule::HoopTime, HouseRule::HandStopTime, HouseRule::Margin];
    }

    #[Test]
    public function steps_are_kept_no_longer_than_every_column_they_follow_from(): void
    {
        $decoration = self::decoration(self::polos());
        $machine = self::machine('M2');
        app(MachineSetups::class)->on($decoration->id, $machine);
        $kept = static function () use ($decoration, $machine): array {
            app()->forgetScopedInstances();
            \Illuminate\Support\Facades\DB::flushQueryLog();
            \Illuminate\Support\Facades\DB::enableQueryLog();
            app(MachineSetups::class)->on($decoration->id, $machine->refresh());

            return array_filter(
                \Illuminate\Support\Facades\DB::getQueryLog(),
                static fn(array $one): bool => str_contains($one['query'], 'from `order_lines`'),
            );
        };
        self::assertSame([], $kept(), 'nothing changed: it is kept');
        OrderLine::query()->whereKey($decoration->order_line_id)->update(['patch_back' => PatchBack::cases()[0]]);
        self::assertNotSame([], $kept(), 'how a patch is fixed changes what is done');
    }

    #[Test]
    public function a_spoil_that_is_taken_back_is_learned_from_no_more_and_was_no_practice(): void
    {
        $order = self::polos();
        $batch = self::batchOf($order);
        $first = $order->lines()->firstOrFail()->decorations()->firstOrFail()->pieces()->orderBy('id')->firstOrFail();
        $spoiled = static function (): int {
            app()->forgetScopedInstances();

            return (int) array_sum(array_column(app(LoggedWork::class)->spoiled(), 'spoiled'));
        };
        $failed = static fn(): int => (int) Practice::query()->where('who', 'Odo')->sum('failed');
        self::tell('M2', $batch, EventKind::PreflightDone, who: 'Odo');
        self::tell('M2', $batch, EventKind::LoadStarted, [$first->id], who: 'Odo');
        [$before, $practice] = [$spoiled(), $failed()];
        self::tell('M2', $batch, EventKind::PieceSpoiled, [$first->id], 40, 9.0, SpoilCause::cases()[0], 'Odo');
        self::assertSame([$before + 1, $practice + 1], [$spoiled(), $failed()]);
        self::tell('M2', $batch, EventKind::SpoilWithdrawn, [$first->id], 40, 9.0, SpoilCause::cases()[0], 'Ilse');
        self::assertSame([$before, $practice], [$spoiled(), $failed()]);
    }

    #[Test]
    public function the_hours_that_are_set_on_the_way_in_are_the_hours_of_the_plan(): void
    {
        ShopProfile::set(['is_demo' => false]);
        app(Calendar::class)->week();
        $this->put('/begin/week', [
            'seen' => CalendarBook::weekSign(),
            'week' => [1 => '10:00-11:00', 2 => '', 3 => '', 4 => '', 5 => '', 6 => '', 7 => ''],
        ])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertSame([[36_000, 39_600]], app(Calendar::class)->week()->shifts(1));
    }

    #[Test]
    public function a_machine_has_not_stood_idle_before_it_came(): void
    {
        $this->post('/shop/machines', [
            'code' => 'M9',
            'title' => 'The new one',
            'heads' => 1,
            'needles' => 12,
            'top_spm' => 1000,
            'drivers' => ['flat'],
            'driver' => 'flat',
            'counts_from' => 'left',
            'many' => 1,
        ]);
        $uses = app(\App\Books\Queries\MachineHours::class)->between(now()->subDays(7), now());
        self::assertSame(0, $uses['M9']->idle);
        self::assertGreaterThan(0, $uses['M1']->idle);
    }
}
