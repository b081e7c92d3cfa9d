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
            SetupTopic::Driver->value => DriverRules::all(),
            SetupTopic::Loading->value => LoadingRules::all(),
            SetupTopic::Backing->value => BackingRules::all(),
            SetupTopic::Topper->value => TopperRules::all(),
            SetupTopic::Thread->value => ThreadRules::all(),
            SetupTopic::Needle->value => NeedleRules::all(),
            SetupTopic::Speed->value => SpeedRules::all(),
            SetupTopic::Placement->value => PlacementTable::all(),
        ];
    }
}
