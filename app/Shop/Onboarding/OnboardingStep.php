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
            self::Shop => 'The shop and its owner',
            self::Machines => 'Machines',
            self::Frames => 'Frames',
            self::Threads => 'Threads',
            self::Backing => 'Backing',
            self::People => 'People',
            self::Week => 'The usual week',
        };
    }

    /** What works from then on. */
    public function opens(): string
    {
        return match ($this) {
            self::Shop => 'Only who signs in gets in; times are those of your town.',
            self::Machines => 'Plan and Floor have a line for each machine; artworks tell how long they run on it.',
            self::Frames => 'Setup says which frame fits a garment, and which way up.',
            self::Threads => 'Artwork matches colours to what is on your shelf; Needles says what to load where.',
            self::Backing => 'Setup tells what to cut before each batch, and from which roll.',
            self::People => 'Floor knows who confirms; the plan knows how many hands there are.',
            self::Week => 'The plan promises only within your hours.',
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
