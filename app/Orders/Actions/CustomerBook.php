<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\StateHash;
use App\Orders\CustomerFacts;
use App\Orders\Models\Customer;
use App\Orders\Models\Order;
use App\Orders\StaleOrder;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;

/** What is known of customers is written here, with what it was before; two that are one become one. */
final class CustomerBook
{
    public static function sign(Customer $customer): string
    {
        return StateHash::of(CustomerFacts::of($customer));
    }

    /**
     * @param array<string, mixed> $facts columns of the table
     * @param string|null          $seen  the state that was looked at; null where nobody looked
     *
     * @throws StaleOrder when it was changed meanwhile
     */
    public static function save(?Customer $customer, array $facts, ?string $seen = null): Customer
    {
        return Transaction::run(static function () use ($customer, $facts, $seen): Customer {
            $kept = $customer === null
                ? Customer::query()->where('name', $facts['name'])->lockForUpdate()->first()
                : Customer::query()->lockForUpdate()->findOrFail($customer->id);
            $before = $kept === null ? [] : CustomerFacts::of($kept);
            // Who sends the same once more has what they want.
            $isOther = $kept === null || [...$before, ...$facts] !== $before;
            if ($kept !== null && ! $isOther) {
                return $kept;
            }
            if ($kept !== null && $seen !== null && $seen !== StateHash::of($before)) {
                throw new StaleOrder();
            }
            $kept ??= new Customer();
            $kept->fill($facts)->save();
            [$was, $is] = ChangeLog::differing($before, CustomerFacts::of($kept->refresh()));
            ChangeLog::note(
                Change::CUSTOMER,
                $kept->name,
                __($before === [] ? 'customers.book.entered' : 'common.change_kind.changed'),
                $was,
                $is,
            );

            return $kept;
        });
    }

    /**
     * Two entries that are one customer: orders go over, and what is not known of the one is taken from the other.
     *
     * @return int how many orders went over
     */
    public static function merge(Customer $into, Customer $double): int
    {
        return Transaction::run(static function () use ($into, $double): int {
            $both = Customer::query()
                ->whereKey([$into->id, $double->id])
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->keyBy('id');
            [$kept, $gone] = [$both->get($into->id), $both->get($double->id)];
            if ($kept === null || $gone === null || $kept->id === $gone->id) {
                return 0;
            }
            $moved = Order::query()->where('customer_id', $gone->id)->update(['customer_id' => $kept->id]);
            $before = CustomerFacts::of($kept);
            $kept->update(self::joined($before, CustomerFacts::of($gone)));
            $kept->update(['late_weight' => max($kept->late_weight, $gone->late_weight)]);
            [$was, $is] = ChangeLog::differing($before, CustomerFacts::of($kept));
            ChangeLog::note(Change::CUSTOMER, $kept->name, __('customers.book.merged', ['name' => $gone->name]), [
                ...$was,
                'merged' => CustomerFacts::of($gone),
            ], $is);
            $gone->delete();

            return $moved;
        });
    }

    /**
     * What the one does not say is taken from the other; whom to speak to, from both.
     *
     * @param array<string, mixed> $kept
     * @param array<string, mixed> $gone
     *
     * @return array<string, mixed>
     */
    public static function joined(array $kept, array $gone): array
    {
        foreach (['email', 'phone', 'tax_number', 'language', 'terms_days', 'discount_percent'] as $field) {
            $kept[$field] = in_array($kept[$field], ['', null, 0.0], true) ? $gone[$field] : $kept[$field];
        }
        foreach (['invoice_address', 'delivery_address'] as $field) {
            $kept[$field] ??= $gone[$field];
        }
        $kept['contacts'] = array_values(array_unique([...$kept['contacts'], ...$gone['contacts']], SORT_REGULAR));
        $notes = array_filter([$kept['note'], $gone['note']], static fn(string $note): bool => $note !== '');
        $kept['note'] = mb_substr(implode("\n", array_unique($notes)), 0, 1000);

        return $kept;
    }
}
