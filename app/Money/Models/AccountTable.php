<?php

declare(strict_types=1);

namespace App\Money\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\StateHash;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Money\Ledger\Account;
use Hakama\Money\Ledger\Accounts;
use Hakama\Money\Ledger\AccountUse;
use Hakama\Money\Ledger\TaxKey;
use Illuminate\Database\Eloquent\Model;

/**
 * The table of accounts as somebody wrote it: appended, never changed, so that each export knows by which it was made.
 *
 * @property int                  $id
 * @property array<string, array{number: string, name: string}> $uses by `AccountUse`
 * @property list<array{percent: float, key: string, sales: string, sales_name: string, tax: string, tax_name: string}> $taxes
 * @property CarbonImmutable|null $begins_on what is older was booked elsewhere; null: all of it is booked here
 * @property string               $who
 * @property CarbonImmutable      $made_at
 */
final class AccountTable extends Model
{
    private const SALES = '4000';
    private const UNTAXED = '4010';
    private const TAX = '2200';

    protected $table = 'account_tables';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'uses' => 'array',
        'taxes' => 'array',
        'begins_on' => 'immutable_date',
        'made_at' => Moment::class,
    ];

    /** The one that holds now: what nobody has written yet is a plain one to begin with, and is not stored. */
    public static function inForce(House $house): self
    {
        return self::query()->orderByDesc('id')->first() ?? self::plain($house->rules()->value(HouseRule::Tax));
    }

    public function accounts(): Accounts
    {
        return new Accounts(
            array_map(static fn(array $one): Account => new Account($one['number'], $one['name']), $this->uses),
            array_map(static fn(array $one): TaxKey => new TaxKey(
                (float) $one['percent'],
                $one['key'],
                new Account($one['sales'], $one['sales_name']),
                new Account($one['tax'], $one['tax_name']),
            ), $this->taxes),
        );
    }

    /** @return array{uses: array<string, mixed>, taxes: list<mixed>, begins_on: string|null} as far as it is typed */
    public function said(): array
    {
        return ['uses' => $this->uses, 'taxes' => $this->taxes, 'begins_on' => $this->begins_on?->toDateString()];
    }

    public function stateHash(): string
    {
        return StateHash::of([$this->id ?? 0, $this->said()]);
    }

    private static function plain(float $percent): self
    {
        $uses = [];
        foreach (AccountUse::cases() as $use) {
            $uses[$use->value] = ['number' => $use->number(), 'name' => __("ledger.use.{$use->value}")];
        }
        $untaxed = self::row(0.0, self::UNTAXED, __('ledger.use.untaxed'));

        return new self([
            'uses' => $uses,
            'taxes' => $percent > 0 ? [self::row($percent, self::SALES, __('ledger.use.sales')), $untaxed] : [$untaxed],
            'begins_on' => null,
        ]);
    }

    /** @return array{percent: float, key: string, sales: string, sales_name: string, tax: string, tax_name: string} */
    private static function row(float $percent, string $sales, string $name): array
    {
        return [
            'percent' => $percent,
            'key' => '',
            'sales' => $sales,
            'sales_name' => $name,
            'tax' => self::TAX,
            'tax_name' => __('ledger.use.tax'),
        ];
    }
}
