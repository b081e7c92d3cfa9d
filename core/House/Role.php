<?php

declare(strict_types=1);

namespace Hakama\House;

/** What somebody may do; each may do what the ones before it may. */
enum Role: string
{
    case Viewer = 'viewer';
    case Operator = 'operator';
    case Planner = 'planner';
    case Owner = 'owner';

    public function includes(self $other): bool
    {
        $order = self::cases();

        return array_search($this, $order, true) >= array_search($other, $order, true);
    }

    /** What it is for, as the page of people says it. */
    public function words(): string
    {
        return match ($this) {
            self::Viewer => 'looks at everything, changes nothing',
            self::Operator => 'stands at the machines: Floor, needles, cones, backing, practice',
            self::Planner => 'takes orders, sets up, plans, keeps the catalogue',
            self::Owner => 'house rules, people, machines and tablets, and everything else',
        };
    }
}
