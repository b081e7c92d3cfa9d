<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

/** The setup rules together: for each thing to decide its table, so that there is never no answer and never two. */
final class RuleTable
{
    /** @return array<string, non-empty-list<Rule<mixed>>> what is decided => its rules */
    public static function all(): array
    {
        return [
            About::Driver->value => DriverRules::all(),
            About::Loading->value => LoadingRules::all(),
            About::Backing->value => BackingRules::all(),
            About::Topper->value => TopperRules::all(),
            About::Thread->value => ThreadRules::all(),
            About::Needle->value => NeedleRules::all(),
            About::Speed->value => SpeedRules::all(),
            About::Placement->value => PlacementTable::all(),
        ];
    }
}
