<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Words\Text;

/** What a step is a part of, in the order in which a piece is worked on. */
enum WorkStage: string
{
    case Driver = 'driver';
    case Machine = 'machine';
    case Prepare = 'prepare';
    case Hoop = 'hoop';
    case Mount = 'mount';
    case Preflight = 'preflight';
    case Sew = 'sew';
    case Finish = 'finish';
    case Inspect = 'inspect';

    /** Before the machine may sew; the others come after. */
    public function isBefore(): bool
    {
        return match ($this) {
            self::Driver, self::Machine, self::Prepare, self::Hoop, self::Mount, self::Preflight => true,
            self::Sew, self::Finish, self::Inspect => false,
        };
    }

    /** @return list<self> what a hand does with the piece before it is sewn, driver and list of checks apart */
    public static function beforeTheFirstLoad(): array
    {
        return [self::Prepare, self::Hoop, self::Mount];
    }

    /** @return list<self> whose lines are ticked one by one before the first load */
    public static function checked(): array
    {
        return [self::Machine, self::Preflight];
    }

    public function label(): Text
    {
        return new Text("setup.stage.{$this->value}");
    }
}
