<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Plan\BatchJob;

/** A batch with pieces still to do, as it is planned, and what it refers to. */
final readonly class OpenBatch
{
    public string $code;
    public bool $started;

    /**
     * @param int $pieces in all
     * @param int $left   of them still to do
     * @param int $copies pieces that one frame holds: the plan counts frames, and each of several hoopings for itself
     */
    public function __construct(
        public int $id,
        public int $decorationId,
        public int $pieces,
        public int $left,
        public int $copies,
        public BatchJob $batch,
        public Queued $queued,
        public OrderedBy $order,
        public BatchDesign $design,
        public BatchSetup $setup,
    ) {
        $this->code = $batch->id;
        $this->started = $batch->alreadySetUp;
    }
}
