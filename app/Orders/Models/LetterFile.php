<?php

declare(strict_types=1);

namespace App\Orders\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A file that went with a letter, as it was sent.
 *
 * @property int    $id
 * @property int    $letter_id
 * @property string $name
 * @property string $type  application/pdf
 * @property string $bytes
 */
final class LetterFile extends Model
{
    protected $table = 'letter_files';
    public $timestamps = false;
    protected $guarded = [];
    protected $hidden = ['bytes'];
}
