<?php

declare(strict_types=1);

namespace Hakama\House;

use Hakama\Words\Text;

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

    public function label(): Text
    {
        return new Text("people.role_name.{$this->value}");
    }

    /** What it is for, as the page of people says it. */
    public function words(): Text
    {
        return new Text("people.role.{$this->value}");
    }
}
