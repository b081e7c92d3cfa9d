<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What a shop's papers say of the shop: who it is, in which register, and where to pay. */
final readonly class Letterhead
{
    public const FIELDS = [
        ...Address::PARTS, 'tax_number', 'email', 'phone', 'registration', 'bank', 'iban', 'bic', 'no_tax_reason',
    ];

    public function __construct(
        public Party $party,
        public string $registration = '',
        public string $bank = '',
        public string $iban = '',
        public string $bic = '',
        /** Why no tax is charged, where none is: the words that local law wants. */
        public string $noTaxReason = '',
    ) {}

    /** @param array<array-key, mixed> $said its fields, and the name of the shop */
    public static function of(array $said): self
    {
        $text = static fn(string $part): string => is_string($said[$part] ?? null) ? trim($said[$part]) : '';

        return new self(
            Party::of($said),
            $text('registration'),
            $text('bank'),
            Iban::plain($text('iban')),
            Iban::plain($text('bic')),
            $text('no_tax_reason'),
        );
    }

    /** @return array<string, string> */
    public function said(): array
    {
        return [
            ...$this->party->said(),
            'registration' => $this->registration,
            'bank' => $this->bank,
            'iban' => $this->iban,
            'bic' => $this->bic,
            'no_tax_reason' => $this->noTaxReason,
        ];
    }

    /**
     * What an invoice still lacks to be one.
     *
     * @return list<string> fields
     */
    public function missing(bool $isTaxed): array
    {
        $wanted = [
            'street' => $this->party->address->street,
            'city' => $this->party->address->city,
            'country' => $this->party->address->country,
            'tax_number' => $this->party->taxNumber,
            ...$isTaxed ? [] : ['no_tax_reason' => $this->noTaxReason],
        ];

        return array_keys(array_filter($wanted, static fn(string $value): bool => $value === ''));
    }
}
