<?php

declare(strict_types=1);

namespace App\Orders\Models;

use Hakama\Money\Address;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int                        $id
 * @property string                     $name
 * @property string                     $email
 * @property string                     $phone
 * @property string                     $tax_number
 * @property array<string, string>|null $invoice_address  parts of an address
 * @property array<string, string>|null $delivery_address null: where the invoice goes
 * @property list<array{name: string, role: string, email: string, phone: string}>|null $contacts
 * @property int|null                   $terms_days       by when they pay; null: by the rule of the house
 * @property float                      $discount_percent off the price list
 * @property string                     $note
 * @property float                      $late_weight      how much a minute late counts for them against that of others
 * @property string|null                $language         in which papers and messages are written; null: that of the shop
 * @property Collection<int, Order>     $orders
 */
final class Customer extends Model
{
    protected $table = 'customers';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'late_weight' => 'float',
        'discount_percent' => 'float',
        'invoice_address' => 'array',
        'delivery_address' => 'array',
        'contacts' => 'array',
    ];

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    public function invoiceAddress(): Address
    {
        return Address::of($this->invoice_address ?? []);
    }

    /** Where goods go: where the invoice goes, if nothing else was said. */
    public function deliveryAddress(): Address
    {
        $own = Address::of($this->delivery_address ?? []);

        return $own->isEmpty() ? $this->invoiceAddress() : $own;
    }
}
