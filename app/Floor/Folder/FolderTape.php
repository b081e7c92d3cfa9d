<?php

declare(strict_types=1);

namespace App\Floor\Folder;

use Carbon\CarbonImmutable;
use Hakama\Floor\Folder\FolderFile;

/** A file of a machine's folder, and where its bytes are. */
final readonly class FolderTape
{
    public function __construct(
        public FolderFile $file,
        public int $batchId,
        public ?CarbonImmutable $changedAt,
        private FolderPart $part,
    ) {}

    public function bytes(): string
    {
        return $this->part->tape();
    }
}
