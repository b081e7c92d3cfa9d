<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Orders\Actions\CustomerBook;
use App\Orders\Models\Customer;

/** Where the customers of Ullenmere are and whom to speak to there. */
final class DemoCustomers
{
    /** name, street, postcode, contact, role, e-mail, phone, days to pay */
    private const KNOWN = [
        ['Ullenmere Ferry Crew', 'Pier Road 1', '4810', 'Odile Marrow', 'purser', 'purser@ferry.example', '0555 0101', 14],
        ['Bell Ringers of Ullenmere', 'Tower Lane 3', '4812', 'Casper Noy', 'choir master', 'ringers@bells.example', '0555 0102', null],
        ['Ullenmere Night Bakery', 'Mill Street 22', '4810', 'Tilde Rask', 'owner', 'night@bakery.example', '0555 0103', 7],
        ['Long Loch Canoe School', 'Boathouse Quay 9', '4815', 'Ines Vold', 'head coach', 'paddles@canoe.example', '0555 0104', 30],
    ];

    public static function fill(): void
    {
        foreach (self::KNOWN as [$name, $street, $postcode, $contact, $role, $email, $phone, $days]) {
            $customer = Customer::query()->where('name', $name)->first();
            if ($customer !== null) {
                CustomerBook::save($customer, [
                    'email' => $email,
                    'phone' => $phone,
                    'invoice_address' => [
                        'street' => $street, 'more' => '', 'postcode' => $postcode, 'city' => 'Ullenmere', 'region' => '', 'country' => 'IE',
                    ],
                    'contacts' => [['name' => $contact, 'role' => $role, 'email' => $email, 'phone' => $phone]],
                    'terms_days' => $days,
                ]);
            }
        }
    }
}
