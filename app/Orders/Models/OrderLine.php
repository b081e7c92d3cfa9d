<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Words\GarmentName;
use App\Foundation\Words\Words;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int                         $id
 * @property int                         $order_id
 * @property Garment                      $garment
 * @property Fabric                      $fabric
 * @property Structure                      $structure
 * @property Profile                      $profile
 * @property string                      $style
 * @property string                      $colour_name
 * @property string                      $colour_hex
 * @property int|null                    $garment_style_id
 * @property int|null                    $unit_value_cents
 * @property int|null                    $blank_cents what the shop pays for one; null: the customer brings them
 * @property int                         $spares
 * @property PatchBack|null              $patch_back only of a patch
 * @property Order                       $order
 * @property Collection<int, Decoration> $decorations
 */
final class OrderLine extends Model
{
    protected $table = 'order_lines';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'garment' => Garment::class,
        'fabric' => Fabric::class,
        'structure' => Structure::class,
        'profile' => Profile::class,
        'patch_back' => PatchBack::class,
    ];

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return HasMany<Decoration, $this> */
    public function decorations(): HasMany
    {
        return $this->hasMany(Decoration::class);
    }

    public function garmentLabel(): string
    {
        return GarmentName::of($this->style, $this->garment->value, $this->colour_name);
    }

    public function isIronedOn(): bool
    {
        return $this->patch_back === PatchBack::IronedOn;
    }

    public function fabricLabel(): string
    {
        return Words::say($this->fabric->label());
    }
}
