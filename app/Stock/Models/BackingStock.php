<?php

declare(strict_types=1);

namespace App\Stock\Models;

use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\BackingSupply;
use Hakama\Setup\Backing\StockForm;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int    $id
 * @property Backing $kind
 * @property StockForm $form
 * @property float  $width_mm
 * @property float  $length_mm
 * @property int    $count
 * @property int|null $gsm g/m²
 */
final class BackingStock extends Model
{
    protected $table = 'backing_stocks';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['kind' => Backing::class, 'form' => StockForm::class];

    public function toCore(): BackingSupply
    {
        return new BackingSupply(
            (string) $this->id,
            $this->kind,
            $this->form,
            $this->width_mm,
            $this->length_mm,
            $this->count,
            $this->gsm,
        );
    }
}
