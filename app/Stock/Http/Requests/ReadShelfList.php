<?php

declare(strict_types=1);

namespace App\Stock\Http\Requests;

use App\Foundation\Http\ReadList;

/** The shelf as a file. */
final class ReadShelfList extends ReadList
{
    protected const EXTENSIONS = 'csv,xlsx';
}
