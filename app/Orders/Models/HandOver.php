<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Illuminate\Database\Eloquent\Model;

/**
 * Garments given to the customer, with a slip.
 *
 * @property int                           $id
 * @property int                           $order_id
 * @property string                        $form_id
 * @property int                           $number   of the slip within its order
 * @property array<int, array<string, int>> $pieces  line => size => garments
 * @property int                           $piece_count
 * @property string                        $who
 * @property CarbonImmutable               $handed_at
 */
final class HandOver extends Model
{
    protected $table = 'hand_overs';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['pieces' => 'array', 'handed_at' => Moment::class];

    /** @return array<array-key, int> size => garments of a line, small to large */
    public function sizesOf(int $line): array
    {
        return Size::inOrder($this->pieces[$line] ?? []);
    }
}
