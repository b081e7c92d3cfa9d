<?php

declare(strict_types=1);

namespace App\Orders;

use App\Orders\Models\Customer;
use Hakama\Money\Address;

/** What is known of a customer, as a form sends it, a list has it in its columns, and the history says it. */
final class CustomerFacts
{
    /** Columns of the list, in their order. */
    public const COLUMNS = [
        'name', 'email', 'phone', 'tax_number', 'language', 'terms_days', 'discount_percent',
        'invoice_street', 'invoice_more', 'invoice_postcode', 'invoice_city', 'invoice_region', 'invoice_country',
        'delivery_street', 'delivery_more', 'delivery_postcode', 'delivery_city', 'delivery_region', 'delivery_country',
        'contact', 'contact_role', 'contact_email', 'contact_phone', 'note',
    ];
    /** Of somebody of whom nothing is known yet. */
    public const NONE = [
        'name' => '', 'email' => '', 'phone' => '', 'tax_number' => '', 'note' => '', 'discount_percent' => 0.0,
    ];
    private const PLAIN = ['email', 'phone', 'tax_number', 'note'];
    private const ADDRESSES = ['invoice', 'delivery'];
    private const CONTACT = ['name', 'role', 'email', 'phone'];

    /** @return array<string, mixed> columns of the table: what a page hands back to show that nothing changed meanwhile */
    public static function of(Customer $customer): array
    {
        return [
            'name' => $customer->name,
            'email' => $customer->email,
            'phone' => $customer->phone,
            'tax_number' => $customer->tax_number,
            'language' => $customer->language,
            'terms_days' => $customer->terms_days,
            'discount_percent' => $customer->discount_percent,
            'invoice_address' => self::address($customer->invoice_address),
            'delivery_address' => self::address($customer->delivery_address),
            'contacts' => $customer->contacts ?? [],
            'note' => $customer->note,
        ];
    }

    /** What a fact is called. */
    public static function name(string $fact): string
    {
        return match ($fact) {
            'terms_days' => __('customers.edit.terms'),
            'discount_percent' => __('customers.edit.discount'),
            'contacts' => __('customers.show.contacts'),
            'merged' => __('customers.merge.double'),
            default => __("customers.edit.{$fact}"),
        };
    }

    /**
     * What a form or a row of a list says, as columns of the table.
     *
     * @param array<string, mixed> $sent only what is in it is said
     *
     * @return array<string, mixed>
     */
    public static function read(array $sent): array
    {
        $facts = [];
        foreach (['name', ...self::PLAIN] as $field) {
            if (array_key_exists($field, $sent)) {
                $facts[$field] = trim((string) $sent[$field]);
            }
        }
        if (array_key_exists('language', $sent)) {
            $facts['language'] = ((string) $sent['language']) === '' ? null : (string) $sent['language'];
        }
        if (array_key_exists('terms_days', $sent)) {
            $facts['terms_days'] = ((string) $sent['terms_days']) === '' ? null : (int) $sent['terms_days'];
        }
        if (array_key_exists('discount_percent', $sent)) {
            $facts['discount_percent'] = (float) $sent['discount_percent'];
        }
        foreach (self::ADDRESSES as $which) {
            if (is_array($sent["{$which}_address"] ?? null)) {
                $facts["{$which}_address"] = self::address($sent["{$which}_address"]);
            }
        }
        if (is_array($sent['contacts'] ?? null)) {
            $facts['contacts'] = self::contacts($sent['contacts']);
        }

        return $facts;
    }

    /**
     * A row of a list as a form would send it; what the list has no column for is not in it.
     *
     * @param array<string, string> $row
     *
     * @return array<string, mixed>
     */
    public static function ofRow(array $row): array
    {
        $sent = array_intersect_key(
            $row,
            array_flip(['name', 'language', 'terms_days', 'discount_percent', ...self::PLAIN]),
        );
        foreach (self::ADDRESSES as $which) {
            $address = [];
            foreach (Address::PARTS as $part) {
                if (isset($row["{$which}_{$part}"])) {
                    $address[$part] = $row["{$which}_{$part}"];
                }
            }
            if ($address !== []) {
                $sent["{$which}_address"] = $address;
            }
        }
        $contact = [];
        foreach (self::CONTACT as $part) {
            $column = $part === 'name' ? 'contact' : "contact_{$part}";
            if (isset($row[$column])) {
                $contact[$part] = $row[$column];
            }
        }
        if ($contact !== []) {
            $sent['contacts'] = [$contact];
        }

        return $sent;
    }

    /** @return list<string> */
    public static function row(Customer $customer): array
    {
        $contact = $customer->contacts[0] ?? [];

        return [
            $customer->name,
            $customer->email,
            $customer->phone,
            $customer->tax_number,
            (string) $customer->language,
            (string) $customer->terms_days,
            $customer->discount_percent > 0 ? (string) $customer->discount_percent : '',
            ...array_values(Address::of($customer->invoice_address ?? [])->parts()),
            ...array_values(Address::of($customer->delivery_address ?? [])->parts()),
            ...array_map(static fn(string $part): string => $contact[$part] ?? '', self::CONTACT),
            $customer->note,
        ];
    }

    /**
     * @param array<array-key, mixed>|null $parts
     *
     * @return array<string, string>|null null where nothing of it is known
     */
    private static function address(?array $parts): ?array
    {
        $address = Address::of($parts ?? []);

        return $address->isEmpty() ? null : $address->parts();
    }

    /**
     * @param array<array-key, mixed> $sent
     *
     * @return list<array{name: string, role: string, email: string, phone: string}>
     */
    private static function contacts(array $sent): array
    {
        $contacts = [];
        foreach ($sent as $one) {
            $of = is_array($one) ? $one : [];
            $text = static fn(string $part): string => is_string($of[$part] ?? null) ? trim($of[$part]) : '';
            $contact = [
                'name' => $text('name'),
                'role' => $text('role'),
                'email' => $text('email'),
                'phone' => $text('phone'),
            ];
            if (implode('', $contact) !== '') {
                $contacts[] = $contact;
            }
        }

        return $contacts;
    }
}
