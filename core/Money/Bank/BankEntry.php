<?php

declare(strict_types=1);

namespace Hakama\Money\Bank;

/** What came to the account, or left it, as the bank says it. */
final readonly class BankEntry
{
    /**
     * @param string $key   the same each time a statement says it, and of no other
     * @param string $day   on which it was booked, yyyy-mm-dd
     * @param int    $cents below zero where it left
     * @param string $party who paid, as the bank knows them
     * @param string $text  what they wrote to it
     */
    public function __construct(
        public string $key,
        public string $day,
        public int $cents,
        public string $currency,
        public string $party,
        public string $text,
    ) {}

    /**
     * Which invoices it pays: those it names, where all that is open of them comes to what was paid, to the cent.
     *
     * @param array<int, int> $open cents that are open, by number of the invoice
     *
     * @return list<int> their numbers; none where somebody has to look
     */
    public function pays(array $open): array
    {
        $named = array_values(array_filter($this->numbers(), static fn(int $one): bool => isset($open[$one])));
        $sum = array_sum(array_map(static fn(int $one): int => $open[$one], $named));

        return $named !== [] && $sum === $this->cents ? $named : [];
    }

    /** @return list<int> whole numbers that stand by themselves in what was written */
    public function numbers(): array
    {
        preg_match_all('/(?<![\p{L}\d.,])\d{1,9}(?![\d]|[.,]\d)/u', $this->text, $found);

        return array_values(array_unique(array_map(intval(...), $found[0])));
    }
}
