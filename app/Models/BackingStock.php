<?php

declare(strict_types=1);

namespace App\Models;

use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\BackingStock as CoreStock;
use Hakama\Setup\Backing\StockForm;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int    $id
 * @property Backing $kind
 * @property StockForm $form
 * @property float  $width_mm
 * @property float  $length_mm
 * @property int    $count
 */
final class BackingStock extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['kind' => Backing::class, 'form' => StockForm::class];

    public function toCore(): CoreStock
    {
        return new CoreStock(
            (string) $this->id,
            $this->kind,
            $this->form,
            $this->width_mm,
            $this->length_mm,
            $this->count,
        );
    }
}
