<?php

declare(strict_types=1);

namespace App\Models;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measures;
use Hakama\Garment\Profile;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Style;
use Hakama\Garment\Surface;
use Hakama\Garment\Thickness;
use Illuminate\Database\Eloquent\Model;

/**
 * A garment of the catalogue.
 *
 * @property int                                 $id
 * @property string                              $name
 * @property string                              $garment
 * @property string                              $fabric
 * @property string                              $structure
 * @property string                              $profile
 * @property string|null                         $stretch
 * @property string|null                         $thickness
 * @property string|null                         $surface
 * @property bool|null                           $pale
 * @property int|null                            $unit_value_cents
 * @property array<string, array<string, float>> $measures size => measure => mm
 */
final class GarmentStyle extends Model
{
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['pale' => 'boolean', 'measures' => 'array'];

    public function toCore(): Style
    {
        return new Style(
            $this->name,
            Garment::from($this->garment),
            Fabric::from($this->fabric),
            Structure::from($this->structure),
            Profile::from($this->profile),
            $this->stretch === null ? null : Stretch::from($this->stretch),
            $this->thickness === null ? null : Thickness::from($this->thickness),
            $this->surface === null ? null : Surface::from($this->surface),
            $this->pale,
            $this->unit_value_cents,
            array_map(static fn(array $mm): Measures => new Measures(array_map(floatval(...), $mm)), $this->measures),
        );
    }
}
