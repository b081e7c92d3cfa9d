<?php

declare(strict_types=1);

namespace App\Artwork\Models;

use App\Stock\Models\Thread;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\SheetBlock;
use Hakama\Artwork\StopAction;
use Hakama\Thread\ThreadUse;
use Hakama\Thread\ThreadUseRules;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int         $id
 * @property int         $artwork_id
 * @property int         $number
 * @property int         $stitches
 * @property float       $length_mm
 * @property int         $trims
 * @property int|null    $thread_id
 * @property BlockRole      $proposed_role
 * @property BlockRole|null $role
 * @property StopAction|null $action
 * @property string      $also   what else is done at that stop: keys of StopAction with commas between
 * @property string      $note
 * @property float|null  $letter_mm of the smallest letters in it; null where there are none, or nobody has measured
 * @property int|null    $cloth_id that is laid on its line
 * @property Thread|null $thread
 */
final class ArtworkBlock extends Model
{
    protected $table = 'artwork_blocks';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['proposed_role' => BlockRole::class, 'role' => BlockRole::class, 'action' => StopAction::class];

    /** @return BelongsTo<Thread, $this> */
    public function thread(): BelongsTo
    {
        return $this->belongsTo(Thread::class);
    }

    public function toCore(): SheetBlock
    {
        return new SheetBlock(
            $this->stitches,
            $this->proposed_role,
            $this->role,
            $this->action,
            $this->note,
            $this->length_mm,
            StopAction::read($this->also),
        );
    }

    public function threadUse(ThreadUseRules $rules): ThreadUse
    {
        return ThreadUse::of($this->length_mm, $this->stitches, $rules);
    }
}
