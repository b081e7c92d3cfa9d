<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Dates;
use Hakama\Plan\Option;
use Hakama\Plan\Placed;

/** What a move brings, in words. */
final class Consequence
{
    /** So many other batches are named. */
    /** A shift of another batch that is less is not why something is moved. */
    private const WORTH_SAYING_S = 300;
    private const NAMED = 4;

    public static function words(PlanBoard $board, string $code, Option $option, bool $made): string
    {
        $now = $board->timetable()->find($code);
        $due = $board->batches()[$code]->order->dueAt();
        $words = [
            __($made ? 'plan.consequence.ends_on' : 'plan.consequence.would_end_on', [
                'code' => $code,
                'end' => ShopClock::words(ShopClock::time($option->end)),
                'machine' => $option->machine,
                'shift' => $now === null ? '' : ', '.self::shift($option->end - $now->end()),
            ]),
        ];
        $words[] = $option->lateS > 0 ? __('plan.consequence.late_due', [
            'due' => ShopClock::words($due),
        ]) : __('plan.consequence.on_time');

        return implode(', ', $words).'. '.self::others($option);
    }

    /**
     * Pieces of a batch run apart, before they are split off.
     *
     * @param Option|null $behind right behind the rest
     * @param Option|null $best   where it is cheapest
     *
     * @return list<string>
     */
    public static function split(int $pieces, ?Option $behind, ?Option $best): array
    {
        if ($best === null) {
            return [__('plan.consequence.no_machine_has_room_for_them')];
        }
        $ends = static fn(Option $option): string => __('plan.consequence.on_and_end', [
            'value' => $pieces === 1 ? __('plan.consequence.the_piece_would_go') : __('plan.consequence.the_pieces_would_go', [
                'pieces' => $pieces,
            ]),
            'machine' => $option->machine,
            'value_2' => $option->after() === null ? __('plan.consequence.first') : __('plan.consequence.after', [
                'after' => $option->after(),
            ]),
            'end' => ShopClock::words(ShopClock::time($option->end)),
            'value_3' => $option->lateS > 0 ? __('plan.consequence.late') : __('plan.consequence.on_time'),
            'others' => self::others($option),
        ]);

        return $behind === null || ($behind->machine === $best->machine && $behind->rank === $best->rank)
            ? [$ends($behind ?? $best)]
            : [__('plan.consequence.now', [
                'behind' => $ends($behind),
            ]), __('plan.consequence.cheapest_after_a_move', ['best' => $ends($best)])];
    }

    /** What happens to all others. */
    private static function others(Option $option): string
    {
        $words = [];
        if ($option->others->late !== []) {
            $words[] = __('plan.consequence.become_late', [
                'named' => self::named($option->others->late),
                'late' => count($option->others->late),
            ]);
        }
        if ($option->others->saved !== []) {
            $words[] = __('plan.consequence.are_on_time_again', [
                'named' => self::named($option->others->saved),
                'saved' => count($option->others->saved),
            ]);
        }
        $later = array_filter($option->others->later, static fn(int $seconds): bool => $seconds >= 60);
        if ($later !== []) {
            $words[] = __('plan.consequence.later_ones', ['batches' => self::list($later)]);
        }
        $sooner = array_filter($option->others->later, static fn(int $seconds): bool => $seconds <= -60);
        if ($sooner !== []) {
            $words[] = __('plan.consequence.sooner_ones', ['batches' => self::list($sooner)]);
        }
        $setup = (int) round($option->changeoverMore);
        $words[] =
            $setup === 0
                ? __('plan.consequence.changeovers_stay_the_same')
                : __('plan.consequence.changeovers_take_min', [
                    'setup' => abs($setup),
                    'value' => $setup > 0 ? __('plan.consequence.more') : __('plan.consequence.less'),
                ]);

        $unfit = (int) round($option->unfitMore);
        if ($unfit !== 0) {
            $words[] = __('plan.unfit.more', [
                'minutes' => abs($unfit),
                'value' => $unfit > 0 ? __('plan.consequence.more') : __('plan.consequence.less'),
            ]);
        }

        return implode(' ', $words);
    }

    /** The same for a batch that is only asked for. */
    public static function asked(Option $option, ?int $due): string
    {
        $words = [
            __('plan.consequence.ready', [
                'end' => Dates::dayTime(ShopClock::time($option->end)),
                'machine' => $option->machine,
            ]).
            ($due === null
                ? ''
                : ($option->end > $due
                    ? __('plan.consequence.too_late', ['length' => self::length($option->end - $due)])
                    : __('plan.consequence.on_time_2'))).
            '.',
        ];
        $later = array_filter($option->others->later, static fn(int $seconds): bool => $seconds >= 60);
        $words[] = $later === [] ? __('plan.consequence.nothing_else_ends_later') : __('plan.consequence.later_list', ['list' => self::list($later)]);
        if ($option->others->late !== []) {
            $words[] = __('plan.consequence.become_late', [
                'named' => self::named($option->others->late),
                'late' => count($option->others->late),
            ]);
        }
        $words[] = __('plan.consequence.changeovers_take_min_more', [
            'changeover_more' => (int) round($option->changeoverMore),
        ]);

        return implode(' ', $words);
    }

    /** "18 h 25 min sooner". */
    private static function shift(int $seconds): string
    {
        return match (true) {
            abs($seconds) < 60 => __('plan.consequence.as_before'),
            $seconds > 0 => __('plan.consequence.later', ['length' => self::length($seconds)]),
            default => __('plan.consequence.sooner', ['length' => self::length($seconds)]),
        };
    }

    /** What speaks for it: "M2, after B-115: B-108 18 h 25 min sooner; this batch 23 h 28 min later, on time; nothing else late". */
    public static function better(Option $option, Placed $now): string
    {
        $sooner = $option->others->later;
        asort($sooner);
        $most = array_key_first($sooner);
        $said = array_filter([
            $most !== null && $sooner[$most] <= -self::WORTH_SAYING_S
                ? __('plan.consequence.other_sooner', [
                    'code' => (string) $most,
                    'length' => self::length($sooner[$most]),
                ])
                : '',
            __($option->lateS > 0 ? 'plan.consequence.own_late' : 'plan.consequence.own_on_time', [
                'shift' => self::shift($option->end - $now->end()),
            ]),
            __('plan.consequence.others_late', ['late' => count($option->others->late)]),
        ], static fn(string $one): bool => $one !== '');

        return self::place($option).': '.implode('; ', $said);
    }

    /** "M1, after B-104". */
    public static function place(Option $option): string
    {
        return $option->after() === null
            ? __('plan.consequence.first_on', ['machine' => $option->machine])
            : __('plan.consequence.after_on', ['machine' => $option->machine, 'after' => $option->after()]);
    }

    private static function length(int $seconds): string
    {
        $minutes = (int) round(abs($seconds) / 60);

        return $minutes < 120 ? "{$minutes} min" : sprintf('%d h %d min', intdiv($minutes, 60), $minutes % 60);
    }

    /** @param list<string> $codes */
    private static function named(array $codes): string
    {
        return implode(', ', array_slice($codes, 0, self::NAMED)).
            (count($codes) > self::NAMED
                ? __('plan.consequence.and_more', ['more' => count($codes) - self::NAMED]) : '');
    }

    /** @param array<string, int> $shifts */
    private static function list(array $shifts): string
    {
        $said = array_map(
            static fn(string $code, int $seconds): string => __('plan.consequence.by', [
                'code' => $code,
                'length' => self::length($seconds),
            ]),
            array_keys($shifts),
            $shifts,
        );

        return self::named($said);
    }
}
