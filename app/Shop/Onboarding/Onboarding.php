<?php

declare(strict_types=1);

namespace App\Shop\Onboarding;

use App\Foundation\Database\Transaction;
use App\Foundation\ShopProfile;
use App\Machine\Models\Frame;
use App\People\Models\Person;
use App\Plan\Models\Plan;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use App\Shop\Models\Shop;
use Carbon\CarbonImmutable;
use Hakama\House\Role;
use Hakama\Machine\FrameSet;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Begins a shop of one's own: empty, or in the place of the demo. */
final class Onboarding
{
    /** What the demo's work came to; none of it is one's own. The order is that in which they refer to each other. */
    private const WORK = [
        'artwork_hardware',
        'bundles',
        'cares',
        'clamp_checks',
        'kept_designs',
        'kept_quotes',
        'left_offers',
        'purchases',
        'said_odds',
        'spoiled_shares',
        'stock_counts',
        'suppliers',
        'arrivals',
        'expected_blanks',
        'expected_goods',
        'finishings',
        'letter_files',
        'program_requests',
        'deliveries',
        'news',
        'told_orders',
        'letters',
        'tape_fetches',
        'approvals',
        'bank_receipts',
        'payments',
        'kept_papers',
        'invoices',
        'ledger_exports',
        'account_tables',
        'hand_overs',
        'machine_readings',
        'origins',
        'step_confirmations',
        'batch_runs',
        'day_sums',
        'projections',
        'floor_events',
        'backing_cuts',
        'batches',
        'setup_times',
        'setups',
        'pieces',
        'colourways',
        'decorations',
        'order_lines',
        'orders',
        'customers',
        'sew_outs',
        'artwork_revisions',
        'artwork_blocks',
        'lettered_texts',
        'letterings',
        'artworks',
        'kept_placements',
        'practices',
        'proposals',
        'plan_changes',
        'downtimes',
        'days_off',
        'extra_hours',
        'presences',
        'needle_fittings',
        'learned_factors',
        'pairings',
        'tablets',
        'people',
        'changes',
        'jobs',
        'sent_forms',
        'attempts',
        'voided_events',
    ];

    /** An empty shop, where there is none. */
    public static function own(): void
    {
        Plan::query()->firstOrCreate(['id' => Shop::ONLY], ['version' => 1]);
        ShopProfile::set([
            'is_demo' => false,
            'zone' => (string) config('app.timezone'),
            'calendar_secret' => bin2hex(random_bytes(16)),
        ]);
    }

    /** Nothing of anybody's own: the demo may come. */
    public static function isNothingHere(): bool
    {
        foreach (['machines', 'frames', 'threads', 'garment_styles', 'people', 'orders', 'artworks'] as $table) {
            if (DB::table($table)->exists()) {
                return false;
            }
        }

        return true;
    }

    /** @param array{name: string, zone: string, currency: string, language: string} $shop */
    public static function named(array $shop, string $owner, string $password): Person
    {
        return Transaction::run(static function () use ($shop, $owner, $password): Person {
            ShopProfile::set($shop);
            $person = Person::query()->updateOrCreate(
                ['name' => $owner],
                ['role' => Role::Owner, 'password' => $password, 'retired_at' => null],
            );
            ChangeLog::note(Change::SHOP, 'shop', __('shop.onboarding.was_set_up', [
                'name' => $shop['name'],
            ]), null, ['zone' => $shop['zone'], 'currency' => $shop['currency']]);

            return $person;
        });
    }

    /** @param list<FrameSet> $sets */
    public static function frames(array $sets): int
    {
        return Transaction::run(static function () use ($sets): int {
            $added = 0;
            foreach ($sets as $set) {
                foreach ($set->frames() as $name => $frame) {
                    $isNew = Frame::query()->firstOrCreate(['code' => $frame->id], Frame::columns($frame, $name))
                        ->wasRecentlyCreated;
                    $added += $isNew ? 1 : 0;
                }
            }

            return $added;
        });
    }

    /**
     * Clears the demo's orders, artworks, people and books away.
     *
     * @param list<string> $keep of machines, frames, garments, threads and rules
     */
    public static function insteadOfTheDemo(array $keep): void
    {
        Transaction::run(static function () use ($keep): void {
            DB::statement('set foreign_key_checks = 0');
            $lost = [
                ...self::WORK,
                ...in_array('machines', $keep, true) ? [] : ['machines'],
                ...in_array('machines', $keep, true) && in_array('threads', $keep, true) ? [] : ['needles'],
                ...in_array('frames', $keep, true) ? [] : ['frames'],
                ...in_array('garments', $keep, true) ? [] : ['garment_styles'],
                ...in_array('threads', $keep, true) ? [] : ['cones', 'threads'],
                ...in_array('rules', $keep, true) ? [] : ['house_rules', 'house_schools', 'week_days', 'price_steps'],
                'backing_stocks',
                'cloths',
                'hardware',
            ];
            foreach ($lost as $table) {
                DB::table($table)->delete();
            }
            DB::statement('set foreign_key_checks = 1');
            if (! in_array('frames', $keep, true)) {
                DB::table('machines')->update(['frame_id' => null]);
            }
            DB::table('order_numbers')->update(['last' => 1000]);
            DB::table('cones')->update(['measured_m' => DB::raw('metres_left'), 'after_seq' => 0]);
            foreach (DB::table('machines')->get(['id', 'needles']) as $machine) {
                // The demo's tokens are the demo's.
                DB::table('machines')
                    ->where('id', $machine->id)
                    ->update([
                        'token_hash' => hash('sha256', Str::random(48)),
                        'paired_at' => null,
                        'bobbin_used_m' => 0,
                        'bobbin_before_m' => 0,
                        'bobbin_after_seq' => 0,
                    ]);
                $rack = array_map(
                    static fn(int $number): array => ['machine_id' => $machine->id, 'number' => $number],
                    range(1, (int) $machine->needles),
                );
                DB::table('needles')->insertOrIgnore($rack);
            }
            ShopProfile::set([
                ...Shop::UNBEGUN,
                'zone' => (string) config('app.timezone'),
                'calendar_secret' => bin2hex(random_bytes(16)),
            ]);
        });
        // Not before it is stored that nothing refers to them any more.
        DB::afterCommit(static fn(): bool => Storage::deleteDirectory('tapes'));
    }

    public static function done(): void
    {
        ShopProfile::set(['begun_at' => CarbonImmutable::now()]);
    }
}
