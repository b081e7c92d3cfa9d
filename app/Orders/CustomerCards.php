<?php

declare(strict_types=1);

namespace App\Orders;

use App\Orders\Models\Customer;
use Hakama\Money\Address;
use InvalidArgumentException;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\Parameter;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;
use Sabre\VObject\Splitter\VCard as Cards;

/** Customers as address cards (vCard 4.0, RFC 6350; older ones are read too). */
final class CustomerCards
{
    public static function write(Customer $customer): string
    {
        $card = new VCard(['VERSION' => '4.0', 'FN' => $customer->name, 'KIND' => 'org', 'ORG' => [$customer->name]]);
        $plain = ['EMAIL' => $customer->email, 'TEL' => $customer->phone, 'NOTE' => $customer->note];
        foreach ($plain as $property => $value) {
            if ($value !== '') {
                $card->add($property, $value);
            }
        }
        foreach (['work' => $customer->invoice_address, 'delivery' => $customer->delivery_address] as $type => $parts) {
            $address = Address::of($parts ?? []);
            if (! $address->isEmpty()) {
                ['street' => $street, 'more' => $more, 'city' => $city] = $address->parts();
                $card->add(
                    'ADR',
                    ['', $more, $street, $city, $address->region, $address->postcode, $address->country],
                    ['TYPE' => $type],
                );
            }
        }

        return $card->serialize();
    }

    /**
     * @return array<int, array<string, mixed>> as a form would send them, by their number in the file
     *
     * @throws InvalidArgumentException where it cannot be read
     */
    public static function read(string $cards): array
    {
        $rows = [];
        try {
            $all = new Cards(self::stream($cards), Reader::OPTION_FORGIVING);
            for ($number = 1; ($card = $all->getNext()) instanceof VCard; $number++) {
                $rows[$number] = self::row($card);
            }
        } catch (ParseException) {
            throw new InvalidArgumentException(__('customers.list.no_card'));
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function row(VCard $card): array
    {
        $organisation = self::properties($card, 'ORG');
        $organisation = $organisation === [] ? '' : trim((string) ($organisation[0]->getParts()[0] ?? ''));
        $name = self::said($card, 'FN');
        $row = array_filter([
            'name' => $organisation !== '' ? $organisation : $name,
            'email' => self::said($card, 'EMAIL'),
            'phone' => self::said($card, 'TEL'),
            'note' => self::said($card, 'NOTE'),
        ], static fn(string $value): bool => $value !== '');
        foreach (self::properties($card, 'ADR') as $property) {
            $type = $property->offsetGet('TYPE');
            $isDelivery = $type instanceof Parameter && strtolower((string) $type->getValue()) === 'delivery';
            $which = $isDelivery ? 'delivery_address' : 'invoice_address';
            $row[$which] ??= self::address($property)->parts();
        }
        // A person of a firm is whom to speak to there.
        if ($organisation !== '' && $name !== '' && $name !== $organisation) {
            $row['contacts'] = [['name' => $name]];
        }

        return $row + ['name' => ''];
    }

    /** @return resource */
    private static function stream(string $text)
    {
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }

    /** @return list<Property> */
    private static function properties(VCard $card, string $name): array
    {
        return array_values(array_filter($card->select($name), static fn(mixed $one): bool => $one instanceof Property));
    }

    private static function said(VCard $card, string $property): string
    {
        return trim((string) (self::properties($card, $property)[0] ?? null)?->getValue());
    }

    private static function address(Property $property): Address
    {
        $parts = array_map(
            static fn(mixed $part): string => trim((string) $part),
            [...$property->getParts(), ...array_fill(0, 7, '')],
        );

        return Address::of([
            'more' => $parts[1],
            'street' => $parts[2],
            'city' => $parts[3],
            'region' => $parts[4],
            'postcode' => $parts[5],
            // Cards name a country as they like; only a code is one here.
            'country' => preg_match('/^[A-Za-z]{2}$/', $parts[6]) === 1 ? $parts[6] : '',
        ]);
    }
}
