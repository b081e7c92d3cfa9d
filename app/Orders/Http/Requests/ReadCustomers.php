<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Foundation\Http\ReadList;

/** A list of customers, or their address cards. */
final class ReadCustomers extends ReadList
{
    protected const EXTENSIONS = 'csv,vcf';
}
