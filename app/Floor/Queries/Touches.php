<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use Hakama\Floor\EventKind;
use Hakama\Floor\Stage;

/** What can be touched at a machine, in words: the page has it as data, for when the shop does not answer. */
final class Touches
{
    public static function label(EventKind $kind): string
    {
        return match ($kind) {
            EventKind::LoadStarted => __('floor.touches.start_the_next_load'),
            EventKind::BobbinChanged => __('floor.touches.new_bobbin_in'),
            EventKind::Sewn => __('floor.touches.sewn'),
            EventKind::ThreadBroke => __('floor.touches.break'),
            EventKind::BobbinRanOut => __('floor.touches.bobbin'),
            EventKind::Stopped => __('floor.touches.stop'),
            EventKind::Resumed => __('floor.touches.go_on'),
            EventKind::PieceDone => __('floor.touches.done_count_it'),
            default => (string) __("floor.event.{$kind->value}"),
        };
    }

    /** @return array<string, list<array{kind: string, label: string, to: string}>> stage => what can be touched there */
    public static function table(): array
    {
        $table = [];
        foreach (Stage::cases() as $stage) {
            $table[$stage->value] = array_map(
                static fn(array $touch): array => [
                    'kind' => $touch[0]->value,
                    'label' => self::label($touch[0]),
                    'to' => $touch[1]->value,
                ],
                // A controller that cannot reach the shop cannot tell it that it is sewn: somebody does.
                $stage->touches(true),
            );
        }

        return $table;
    }
}
