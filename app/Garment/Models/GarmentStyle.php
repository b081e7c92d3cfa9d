<?php

declare(strict_types=1);

namespace App\Garment\Models;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measures;
use Hakama\Garment\Profile;
use Hakama\Garment\Provenance;
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
 * @property Garment                              $garment
 * @property Fabric                              $fabric
 * @property Structure                              $structure
 * @property Profile                              $profile
 * @property Stretch|null                         $stretch
 * @property Thickness|null                         $thickness
 * @property Surface|null                         $surface
 * @property bool|null                           $pale
 * @property int|null                            $unit_value_cents
 * @property array<string, array<string, float>> $measures size => measure => mm
 */
final class GarmentStyle extends Model
{
    protected $table = 'garment_styles';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'garment' => Garment::class,
        'fabric' => Fabric::class,
        'structure' => Structure::class,
        'profile' => Profile::class,
        'stretch' => Stretch::class,
        'thickness' => Thickness::class,
        'surface' => Surface::class,
        'pale' => 'boolean',
        'measures' => 'array',
    ];

    public function toCore(): Style
    {
        return new Style(
            $this->name,
            $this->garment,
            new ClothSpec($this->fabric, $this->stretch, $this->thickness, $this->pale, $this->surface),
            $this->structure,
            $this->profile,
            $this->unit_value_cents,
            array_map(static fn(array $mm): Measures => new Measures(
                array_map(floatval(...), $mm),
                Provenance::Catalogue,
            ), $this->measures),
        );
    }
}
