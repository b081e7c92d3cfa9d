<?php

declare(strict_types=1);

namespace App\People\Console;

use App\Foundation\Database\Transaction;
use App\People\Models\Person;
use App\People\Password;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Illuminate\Console\Command;

final class ShopPassword extends Command
{
    protected $signature = 'shop:password {name : of somebody of the shop}';
    protected $description = 'Gives somebody another password, asked for at the terminal';

    public function handle(): int
    {
        $person = Person::query()->where('name', (string) $this->argument('name'))->first();
        if ($person === null) {
            $this->components->error('The shop has nobody of that name.');

            return self::FAILURE;
        }
        $password = (string) $this->secret('The new password');
        if (mb_strlen($password) < Password::LEAST) {
            $this->components->error(Password::words().' Nothing was changed.');

            return self::FAILURE;
        }
        Transaction::run(static fn() => $person->update(['password' => $password, 'remember_token' => null]));
        ChangeLog::note(Change::PERSON, $person->name, 'has a new password, set at the computer of the shop');

        return self::SUCCESS;
    }
}
