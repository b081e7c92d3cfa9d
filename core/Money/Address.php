<?php

declare(strict_types=1);

namespace Hakama\Money;

/** Where letters and goods go. A part that is not known is empty; the country is its two-letter code. */
final readonly class Address
{
    public const PARTS = ['street', 'more', 'postcode', 'city', 'region', 'country'];

    public function __construct(
        public string $street = '',
        public string $more = '',
        public string $postcode = '',
        public string $city = '',
        public string $region = '',
        public string $country = '',
    ) {}

    /** @param array<array-key, mixed> $parts by their names; what is no text is empty */
    public static function of(array $parts): self
    {
        $text = static fn(string $part): string => is_string($parts[$part] ?? null) ? trim($parts[$part]) : '';

        return new self(
            $text('street'),
            $text('more'),
            $text('postcode'),
            $text('city'),
            $text('region'),
            strtoupper($text('country')),
        );
    }

    /** @return array<string, string> */
    public function parts(): array
    {
        return [
            'street' => $this->street,
            'more' => $this->more,
            'postcode' => $this->postcode,
            'city' => $this->city,
            'region' => $this->region,
            'country' => $this->country,
        ];
    }

    public function isEmpty(): bool
    {
        return implode('', $this->parts()) === '';
    }

    /**
     * As it stands on a letter.
     *
     * @param string $country the name of the country; empty where it need not be said
     *
     * @return list<string>
     */
    public function lines(string $country = ''): array
    {
        return array_values(
            array_filter(
                [
                    $this->street,
                    $this->more,
                    trim("{$this->postcode} {$this->city}"),
                    $this->region,
                    $country,
                ],
                static fn(string $line): bool => $line !== '',
            ),
        );
    }
}
