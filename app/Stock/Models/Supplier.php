<?php

declare(strict_types=1);

namespace App\Stock\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Where things of one kind come from.
 *
 * @property string     $of        thread, backing, blanks, bobbins, film or cloth
 * @property string     $name
 * @property float|null $lead_days from the order to what is ordered; null: as the house has it
 */
final class Supplier extends Model
{
    protected $table = 'suppliers';
    /** What is ordered, as the list is grouped. */
    public const OF = ['Thread', 'Backing', 'Blanks', 'Bobbins', 'Film', 'Cloth', 'Hardware'];

    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'of';
    protected $keyType = 'string';
    protected $guarded = [];
    protected $casts = ['lead_days' => 'float'];
}
