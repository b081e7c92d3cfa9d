<?php

declare(strict_types=1);

namespace App\Plan;

use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\Artwork\SheetBlock;
use Hakama\Artwork\StopSheet;
use Hakama\Plan\Batch;
use Hakama\Plan\FixedStart;
use Hakama\Stitch\Bounds;

/** A batch with pieces still to do, with all that is shown of it and all that it is planned by. */
final readonly class OpenBatch
{
    /**
     * @param array<string, int>     $sewS    machine code => seconds a load sews there
     * @param non-empty-list<string> $threads thread code per block
     * @param list<string>           $colours thread colour per block, #rrggbb
     * @param list<int>              $weights thread weight per block
     * @param list<SheetBlock>       $blocks  as the stop sheet is told of them
     * @param list<float>            $lengthsMm sewn per block
     */
    public function __construct(
        public int $id,
        public string $code,
        public int $decorationId,
        public ?string $machine,
        public ?int $rank,
        public ?CarbonImmutable $fixedAt,
        public int $pieces,
        public int $left,
        public bool $started,
        public array $sewS,
        public int $hoopS,
        public int $framesPerHead,
        public array $threads,
        public array $colours,
        public array $weights,
        public array $blocks,
        public array $lengthsMm,
        public string $frame,
        public int $turnDeg,
        public int $speedSpm,
        public int $orderId,
        public int $orderNumber,
        public string $customer,
        public CarbonImmutable $receivedAt,
        public CarbonImmutable $dueAt,
        public string $garment,
        public string $position,
        public int $artworkId,
        public string $artwork,
        public string $checksum,
        public int $stitches,
        public Bounds $bounds,
        public string $backing,
        public bool $topper,
        public string $needle,
    ) {}

    public function stopSheet(): StopSheet
    {
        return StopSheet::of($this->blocks);
    }

    public function toCore(int $swapS): Batch
    {
        return new Batch(
            $this->code,
            $this->left,
            $this->sewS,
            $this->hoopS,
            $swapS,
            $this->framesPerHead,
            $this->threads,
            $this->frame,
            ShopClock::seconds($this->receivedAt),
            ShopClock::seconds($this->dueAt),
            alreadySetUp: $this->started,
            fixed: $this->fixedAt === null || $this->machine === null || $this->started
                ? null
                : new FixedStart($this->machine, ShopClock::seconds($this->fixedAt)),
            needle: $this->needle,
            design: "{$this->checksum} {$this->turnDeg}",
        );
    }
}
