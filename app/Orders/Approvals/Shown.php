<?php

declare(strict_types=1);

namespace App\Orders\Approvals;

/**
 * What a customer is shown of an order: drawn once, and read again the same for as long as the link and its answer
 * are kept.
 */
final readonly class Shown
{
    /**
     * @param list<array{garment: string, hex: string, sizes: string, places: list<array{
     *     decoration: int, sign: string, place: string, artwork: string, size: string, drawing: string, design: string,
     *     threads: list<array{code: string, name: string, hex: string}>, names: list<string>,
     * }>}> $lines
     * @param array{cents: int, tax_percent: float, tax_cents: int}|null $price
     */
    public function __construct(
        public string $shop,
        public string $customer,
        public int $order,
        public string $due,
        public string $currency,
        public ?array $price,
        public array $lines,
    ) {}

    public function written(): string
    {
        return json_encode(get_object_vars($this), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }

    public static function read(string $written): self
    {
        $of = json_decode($written, true, flags: JSON_THROW_ON_ERROR);
        assert(is_array($of));

        return new self(...$of);
    }

    /** @return array<int, string> decoration => sign of how it was shown */
    public function signs(): array
    {
        return array_column(array_merge(...array_column($this->lines, 'places')), 'sign', 'decoration');
    }
}
