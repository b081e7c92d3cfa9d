<?php

declare(strict_types=1);

namespace Tests\Writers;

/** What becomes of the others where several send the like at once, each on a form of their own. */
enum Second
{
    /** Only the first is stored: the tables are as after one. */
    case Refused;
    /** Each is stored. */
    case Each;
    /** The last one holds; as many rows as after one, but for the list of changes. */
    case Same;
    /** It says itself what has to hold. */
    case Free;
}
