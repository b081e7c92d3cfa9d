<?php

declare(strict_types=1);

namespace App\Shop\Onboarding;

use App\Machine\Models\Machine;
use App\Shop\Models\Shop;
use Illuminate\Support\Facades\DB;

/** The way into a shop of one's own. Each step can be left and come back to; what is there says how far one is. */
enum OnboardingStep: string
{
    case Shop = 'shop';
    case Machines = 'machines';
    case Frames = 'frames';
    case Threads = 'threads';
    case Backing = 'backing';
    case People = 'people';
    case Week = 'week';

    public function label(): string
    {
        return match ($this) {
            self::Shop => __('shop.onboarding_step.the_shop_and_its_owner'),
            self::Machines => __('shop.onboarding_step.machines'),
            self::Frames => __('shop.onboarding_step.frames'),
            self::Threads => __('shop.onboarding_step.threads'),
            self::Backing => 'Backing',
            self::People => __('shop.onboarding_step.people'),
            self::Week => __('shop.onboarding_step.the_usual_week'),
        };
    }

    /** What works from then on. */
    public function opens(): string
    {
        return match ($this) {
            self::Shop => __('shop.onboarding_step.only_people_who_sign_in_get'),
            self::Machines => __('shop.onboarding_step.plan_and_floor_have_a_row'),
            self::Frames => __('shop.onboarding_step.setup_finds_the_frame_for_a'),
            self::Threads => __('shop.onboarding_step.artwork_matches_colours_to_your_shelf'),
            self::Backing => __('shop.onboarding_step.setup_tells_what_to_cut_for'),
            self::People => __('shop.onboarding_step.the_floor_knows_who_confirms_the'),
            self::Week => __('shop.onboarding_step.the_plan_only_promises_within_your'),
        };
    }

    /**
     * The steps that are done, by what the shop has.
     *
     * @return list<self>
     */
    public static function done(Shop $shop): array
    {
        $has = [
            self::Shop->value => $shop->name !== '' && DB::table('people')->whereNotNull('password')->exists(),
            self::Machines->value => Machine::working()->exists(),
            self::Frames->value => DB::table('frames')->exists(),
            self::Threads->value => DB::table('threads')->exists(),
            self::Backing->value => DB::table('backing_stocks')->exists(),
            self::People->value => DB::table('people')->whereNull('retired_at')->count() > 1,
            self::Week->value => DB::table('week_days')->exists(),
        ];

        return array_values(
            array_filter(
                self::cases(),
                static fn(self $step): bool => $has[$step->value] || in_array($step->value, $shop->passed_over, true),
            ),
        );
    }
}
