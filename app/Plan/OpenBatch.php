<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Plan\Batch;

/** A batch with pieces still to do, as it is planned, and what it refers to. */
final readonly class OpenBatch
{
    public string $code;
    /** Pieces still to do. */
    public int $left;
    public bool $started;

    /** @param int $pieces in all */
    public function __construct(
        public int $id,
        public int $decorationId,
        public int $pieces,
        public Batch $batch,
        public Queued $queued,
        public OrderedBy $order,
        public BatchDesign $design,
        public BatchSetup $setup,
    ) {
        $this->code = $batch->id;
        $this->left = $batch->pieces;
        $this->started = $batch->alreadySetUp;
    }
}
