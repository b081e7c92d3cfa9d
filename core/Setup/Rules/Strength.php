<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

/** How firmly a rule holds. */
enum Strength: string
{
    /** Otherwise cloth, needle or machine is spoiled. */
    case Must = 'must';
    /** What practice has shown. */
    case Should = 'should';
    /** A habit of the house; it may be done otherwise. */
    case May = 'may';
}
