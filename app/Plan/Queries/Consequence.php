<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\ShopClock;
use Hakama\Plan\Option;

/** What a move brings, in words. */
final class Consequence
{
    /** So many other batches are named. */
    private const NAMED = 4;

    public static function words(PlanBoard $board, string $code, Option $option, bool $made): string
    {
        $now = $board->timetable()->find($code);
        $due = $board->batches()[$code]->order->dueAt;
        $words = [
            sprintf(
                '%s %s %s on %s%s',
                $code,
                $made ? 'ends' : 'would end',
                ShopClock::words(ShopClock::time($option->end)),
                $option->machine,
                $now === null ? '' : self::shift($option->end - $now->end()),
            ),
        ];
        $words[] = $option->lateS > 0 ? sprintf('late, due %s', ShopClock::words($due)) : 'in time';

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
            return ['No machine has a place for them.'];
        }
        $ends = static fn(Option $option): string => sprintf(
            '%s on %s%s, and end %s, %s. %s',
            $pieces === 1 ? 'The piece would stand' : "The {$pieces} pieces would stand",
            $option->machine,
            $option->after() === null ? ', first' : ", after {$option->after()}",
            ShopClock::words(ShopClock::time($option->end)),
            $option->lateS > 0 ? 'late' : 'in time',
            self::others($option),
        );

        return $behind === null || ($behind->machine === $best->machine && $behind->rank === $best->rank)
            ? [$ends($behind ?? $best)]
            : ['At first: '.$ends($behind), 'Cheapest, once moved there: '.$ends($best)];
    }

    /** What happens to all others. */
    private static function others(Option $option): string
    {
        $words = [];
        if ($option->others->late !== []) {
            $words[] = sprintf(
                '%s %s late.',
                self::named($option->others->late),
                count($option->others->late) === 1 ? 'becomes' : 'become',
            );
        }
        if ($option->others->saved !== []) {
            $words[] = sprintf(
                '%s %s in time again.',
                self::named($option->others->saved),
                count($option->others->saved) === 1 ? 'is' : 'are',
            );
        }
        $later = array_filter($option->others->later, static fn(int $seconds): bool => $seconds >= 60);
        if ($later !== []) {
            $words[] = 'Later: '.self::list($later).'.';
        }
        $sooner = array_filter($option->others->later, static fn(int $seconds): bool => $seconds <= -60);
        if ($sooner !== []) {
            $words[] = 'Sooner: '.self::list($sooner).'.';
        }
        $setup = (int) round($option->changeoverMore);
        $words[] =
            $setup === 0
                ? 'Changeovers stay as they are.'
                : sprintf('Changeovers take %d min %s.', abs($setup), $setup > 0 ? 'more' : 'less');

        return implode(' ', $words);
    }

    /** The same for a batch that is only asked for. */
    public static function asked(Option $option, ?int $due): string
    {
        $words = [
            sprintf('Ready %s, on %s', ShopClock::time($option->end)->format('D j M H:i'), $option->machine).
            ($due === null
                ? ''
                : ($option->end > $due
                    ? ', '.self::length($option->end - $due).' too late'
                    : ', in time')).
            '.',
        ];
        $later = array_filter($option->others->later, static fn(int $seconds): bool => $seconds >= 60);
        $words[] = $later === [] ? 'Nothing else ends later.' : 'Later: '.self::list($later).'.';
        if ($option->others->late !== []) {
            $words[] = sprintf(
                '%s %s late.',
                self::named($option->others->late),
                count($option->others->late) === 1 ? 'becomes' : 'become',
            );
        }
        $words[] = sprintf('Changeovers take %d min more.', (int) round($option->changeoverMore));

        return implode(' ', $words);
    }

    private static function shift(int $seconds): string
    {
        return abs($seconds) < 60
            ? ' as before'
            : ', '.self::length($seconds).($seconds > 0 ? ' later' : ' sooner');
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
            (count($codes) > self::NAMED ? ' and '.(count($codes) - self::NAMED).' more' : '');
    }

    /** @param array<string, int> $shifts */
    private static function list(array $shifts): string
    {
        $said = array_map(
            static fn(string $code, int $seconds): string => "{$code} by ".self::length($seconds),
            array_keys($shifts),
            $shifts,
        );

        return self::named($said);
    }
}
