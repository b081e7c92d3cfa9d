<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A paper as it left the shop: printed again it is the same to the last sign, whatever has changed since.
 *
 * @property int             $id
 * @property int             $invoice_id
 * @property string          $sha256
 * @property string          $pdf
 * @property CarbonImmutable $made_at
 */
final class KeptPaper extends Model
{
    protected $table = 'kept_papers';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['made_at' => Moment::class];

    public static function keep(Invoice $invoice, string $pdf): void
    {
        self::query()->create([
            'invoice_id' => $invoice->id,
            'sha256' => hash('sha256', $pdf),
            'pdf' => $pdf,
            'made_at' => CarbonImmutable::now(),
        ]);
    }

    public static function of(Invoice $invoice): ?string
    {
        return self::query()->where('invoice_id', $invoice->id)->first()?->pdf;
    }
}
