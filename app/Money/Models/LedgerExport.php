<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What went to the bookkeeper in one file: appended, never changed, given out again as it was.
 *
 * @property int             $id
 * @property int             $number           1 for the first, none left out
 * @property string          $form_id
 * @property int             $account_table_id
 * @property CarbonImmutable $until            the last day of what is in it
 * @property int             $first_entry
 * @property int             $entries
 * @property int             $debit_cents      which is what is credited, too
 * @property string          $who
 * @property CarbonImmutable $made_at
 * @property string          $sha256           of the journal as it is given out
 * @property string          $journal          the file, compressed
 * @property AccountTable    $accountTable
 */
final class LedgerExport extends Model
{
    protected $table = 'ledger_exports';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['until' => 'immutable_date', 'made_at' => Moment::class];

    /** @return BelongsTo<AccountTable, $this> */
    public function accountTable(): BelongsTo
    {
        return $this->belongsTo(AccountTable::class);
    }

    /**
     * All but the file itself.
     *
     * @param Builder<self> $query
     */
    public function scopeListed(Builder $query): void
    {
        $query->select(['id', 'number', 'account_table_id', 'until', 'first_entry', 'entries', 'debit_cents', 'who', 'made_at'])
            ->orderByDesc('number');
    }

    public function journal(): string
    {
        return (string) gzdecode($this->journal);
    }
}
