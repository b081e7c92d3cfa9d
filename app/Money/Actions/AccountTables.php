<?php

declare(strict_types=1);

namespace App\Money\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\StateHash;
use App\Money\Models\AccountTable;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;

/** Writes tables of accounts, each after the one before it: what was exported by an older one stays as it was. */
final readonly class AccountTables
{
    private const WHO = 40;

    public function __construct(private House $house) {}

    /**
     * One that says the same as the one in force is not written again.
     *
     * @param string $seen what whoever typed it was looking at; '' where that is not known
     *
     * @return bool false where somebody else wrote another one meanwhile
     */
    public function keep(AccountTable $table, string $seen, string $who): bool
    {
        return Transaction::run(function () use ($table, $seen, $who): bool {
            $before = AccountTable::inForce($this->house);
            if ($before->exists && StateHash::of($before->said()) === StateHash::of($table->said())) {
                return true;
            }
            if ($seen !== '' && $seen !== $before->stateHash()) {
                return false;
            }
            // Written anew, so that the closure can be run again.
            AccountTable::query()->create([
                ...$table->said(),
                'who' => mb_substr($who, 0, self::WHO),
                'made_at' => CarbonImmutable::now(),
            ]);
            [$was, $is] = ChangeLog::differing($before->said(), $table->said());
            ChangeLog::note(Change::SHOP, 'ledger', __('ledger.table.accounts'), $was, $is);

            return true;
        });
    }
}
