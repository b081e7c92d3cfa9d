<?php

declare(strict_types=1);

namespace App\Plan;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Dates;
use App\Foundation\Words\Words;
use Carbon\CarbonImmutable;
use Hakama\Plan\WhatIf;
use Hakama\Words\Joined;
use Hakama\Words\Texts;

/** A what-if as it is written down: which machine is down until when, how many hands and frames more. */
final class WhatIfForm
{
    /**
     * @param array<string, mixed> $kept down (machine => time), hands, from, to (of the hands), frames (code =>
     *     number), closes (the shop, until the day is over)
     */
    public static function read(array $kept): WhatIf
    {
        return new WhatIf(
            array_map(
                static fn(mixed $until): int => ShopClock::seconds(
                    CarbonImmutable::parse(is_string($until) ? $until : ''),
                ),
                is_array($kept['down'] ?? null) ? $kept['down'] : [],
            ),
            is_numeric($kept['hands'] ?? null) ? (int) $kept['hands'] : 0,
            array_map(
                static fn(mixed $n): int => is_numeric($n) ? (int) $n : 0,
                is_array($kept['frames'] ?? null) ? $kept['frames'] : [],
            ),
            is_string($kept['from'] ?? null)
                ? ShopClock::seconds(CarbonImmutable::parse($kept['from']))
                : PHP_INT_MIN,
            is_string($kept['to'] ?? null) ? ShopClock::seconds(CarbonImmutable::parse($kept['to'])) : PHP_INT_MAX,
            self::closed($kept),
        );
    }

    /**
     * @param array<string, mixed> $kept
     *
     * @return array{int, int}|null
     */
    private static function closed(array $kept): ?array
    {
        if (! is_string($kept['closes'] ?? null)) {
            return null;
        }
        $closes = CarbonImmutable::parse($kept['closes']);

        return [ShopClock::seconds($closes), ShopClock::seconds($closes->addDay()->startOfDay())];
    }

    /** @param array<string, mixed> $kept */
    public static function words(array $kept): string
    {
        $said = [];
        foreach (is_array($kept['down'] ?? null) ? $kept['down'] : [] as $machine => $until) {
            $said[] =
                __('plan.what_if_form.is_down_until', [
                    'machine' => $machine,
                    'parse' => Dates::dayTime(CarbonImmutable::parse(is_string($until) ? $until : '')),
                ]);
        }
        if (is_string($kept['closes'] ?? null)) {
            $said[] = __('plan.what_if_form.the_shop_closes', [
                'parse' => Dates::dayTime(CarbonImmutable::parse($kept['closes'])),
            ]);
        }
        $hands = is_numeric($kept['hands'] ?? null) ? (int) $kept['hands'] : 0;
        if ($hands !== 0) {
            $said[] =
                __('plan.what_if_form.machines_can_be_tended_at_once', ['hands' => abs($hands), 'value' => $hands > 0 ? ' '.__('plan.what_if_form.more') : ' '.__('plan.what_if_form.fewer'), 'value_2' => is_string($kept['from'] ?? null)
                    ? ' '.__('plan.what_if_form.from', [
                        'parse' => Dates::dayTime(CarbonImmutable::parse($kept['from'])),
                    ])
                    : '', 'value_3' => is_string($kept['to'] ?? null)
                    ? ' '.__('plan.what_if_form.to', [
                        'parse' => Dates::dayTime(CarbonImmutable::parse($kept['to'])),
                    ])
                    : '']);
        }
        foreach (is_array($kept['frames'] ?? null) ? $kept['frames'] : [] as $frame => $n) {
            $said[] = is_numeric($n) ? __('plan.what_if_form.of_frame', [
                'value' => $n > 0 ? __('plan.what_if_form.more_2', [
                    'n' => $n,
                ]) : __('plan.what_if_form.fewer_2', ['n' => abs((int) $n)]),
                'frame' => $frame,
            ]) : '';
        }

        return Words::say(new Texts(Joined::And, ...array_values(array_filter($said, static fn(?string $one): bool => ($one ?? '') !== ''))));
    }
}
