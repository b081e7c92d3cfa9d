<?php

declare(strict_types=1);

namespace App\Money;

use Hakama\Garment\Fabric;
use Hakama\Money\Job;
use Hakama\Money\SaidDesign;
use Hakama\Money\Work;

/** A job as somebody asks for it on the telephone. */
final readonly class AskedWork
{
    /**
     * @param non-empty-list<SaidDesign> $designs the second, where one is said
     * @param Fabric|null                $fabric  on which it is sewn; null where nobody has said
     */
    public function __construct(
        public array $designs,
        public int $pieces,
        public ?Fabric $fabric,
        private int $blankCents,
        private int $worthCents,
        private int $artworkCents,
    ) {}

    /** @param list<Work> $works */
    public function job(array $works): Job
    {
        return new Job($this->pieces, $this->blankCents, $this->worthCents, $this->artworkCents, $works);
    }
}
