<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Foundation\Http\ReadList;

/** A statement of the bank. */
final class ReadStatement extends ReadList
{
    protected const EXTENSIONS = 'xml,csv';
}
