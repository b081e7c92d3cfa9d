<?php

declare(strict_types=1);

namespace Hakama\Money;

/** What a job costs and what it is sold for; beside it the price of other quantities, and without each decoration. */
final readonly class Quote
{
    /**
     * @param array<int, int> $steps   pieces => price, at the steps of quantity beside this one
     * @param list<array{string, int}> $without decoration that is left out, and the price then
     */
    private function __construct(
        public Job $job,
        public Cost $cost,
        public int $price,
        public array $steps,
        public array $without,
    ) {}

    /**
     * @param int $least the least that is charged for an order, cents
     *
     * @throws NoPrice
     */
    public static function of(Job $job, Rates $rates, Price $price, int $least): self
    {
        $sold = static fn(Job $some): int => max($least, $price->of($some, Cost::planned($some, $rates)->cents()));
        $steps = [];
        foreach ($price->stepsBeside($job) as $pieces) {
            $steps[$pieces] = $sold($job->of($pieces));
        }
        $without = [];
        foreach ($job->works as $i => $work) {
            $without[] = [$work->name, $sold($job->without($i))];
        }

        return new self($job, Cost::planned($job, $rates), $sold($job), $steps, $without);
    }

    public function profit(): int
    {
        return $this->price - $this->cost->cents();
    }

    /** Of the price, to one decimal; null where it is given away. */
    public function marginPercent(): ?float
    {
        return $this->price === 0 ? null : round((100 * $this->profit()) / $this->price, 1);
    }

    public function perPiece(): int
    {
        return Amount::of($this->price)->per($this->job->pieces)->cents();
    }
}
