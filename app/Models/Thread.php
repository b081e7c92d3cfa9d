<?php

declare(strict_types=1);

namespace App\Models;

use Hakama\Thread\Colour;
use Hakama\Thread\Thread as CoreThread;
use Illuminate\Database\Eloquent\Model;

/**
 * A thread on the shelf.
 *
 * @property int    $id
 * @property string $code
 * @property string $name
 * @property string $hex
 * @property int    $weight
 * @property string $shelf
 * @property int    $metres_left
 */
final class Thread extends Model
{
    public $timestamps = false;
    protected $guarded = [];

    public function toCore(): CoreThread
    {
        return new CoreThread($this->code, Colour::ofHex($this->hex), $this->weight);
    }

    /** Fine thread wants the fine needle; the usual weight goes with whatever is fitted for it. */
    public function needleSize(): string
    {
        return $this->weight >= 60 ? '65/9' : '75/11';
    }
}
