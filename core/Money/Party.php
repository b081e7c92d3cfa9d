<?php

declare(strict_types=1);

namespace Hakama\Money;

/** Who sells or who buys, as a paper names them. */
final readonly class Party
{
    public function __construct(
        public string $name,
        public Address $address,
        public string $taxNumber = '',
        public string $email = '',
        public string $phone = '',
    ) {}

    /** @param array<array-key, mixed> $said as said() says it */
    public static function of(array $said): self
    {
        $text = static fn(string $part): string => is_string($said[$part] ?? null) ? trim($said[$part]) : '';

        return new self($text('name'), Address::of($said), $text('tax_number'), $text('email'), $text('phone'));
    }

    /** @return array<string, string> */
    public function said(): array
    {
        return [
            'name' => $this->name,
            ...$this->address->parts(),
            'tax_number' => $this->taxNumber,
            'email' => $this->email,
            'phone' => $this->phone,
        ];
    }
}
