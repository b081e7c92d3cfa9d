<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

/** What a step is a part of, in the order in which a piece is worked on. */
enum WorkStage: string
{
    case Driver = 'driver';
    case Prepare = 'prepare';
    case Hoop = 'hoop';
    case Mount = 'mount';
    case Preflight = 'preflight';
    case Finish = 'finish';
    case Inspect = 'inspect';

    /** Before the machine may sew; the others come after. */
    public function isBefore(): bool
    {
        return in_array($this, [self::Driver, self::Prepare, self::Hoop, self::Mount, self::Preflight], true);
    }

    /** @return list<self> what a hand does with the piece before it is sewn, driver and list of checks apart */
    public static function beforeTheFirstLoad(): array
    {
        return [self::Prepare, self::Hoop, self::Mount];
    }

    public function label(): string
    {
        return $this === self::Driver ? 'Change the driver' : ucfirst($this->value);
    }
}
