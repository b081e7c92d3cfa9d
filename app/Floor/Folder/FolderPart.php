<?php

declare(strict_types=1);

namespace App\Floor\Folder;

use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkRevision;
use App\Orders\Models\LetteredText;
use App\Plan\OpenBatch;
use Hakama\Artwork\HoopingTape;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Tape\Header;
use Illuminate\Support\Facades\Storage;

/** One tape of a batch: all of its design, one of several hoopings, or one name. */
final readonly class FolderPart
{
    /**
     * @param string       $part   in words; '' where it is all there is
     * @param int          $pieces still to sew from it
     * @param list<string> $before checksums of the tapes it replaced, oldest first
     * @param list<int>    $blocks of the design that it sews, from 1
     * @param list<int>    $halts
     */
    private function __construct(
        public string $part,
        public int $pieces,
        public string $checksum,
        public int $bytes,
        public int $stitches,
        public Bounds $bounds,
        public array $before,
        public array $blocks,
        public array $halts,
        private Artwork|HoopingTape|LetteredText $kept,
    ) {}

    /** @param Artwork $artwork with its `revisions` */
    public static function whole(Artwork $artwork, OpenBatch $open): self
    {
        return new self(
            '',
            $open->left,
            $artwork->checksum,
            $artwork->bytes,
            $artwork->stitches,
            $open->design->bounds,
            array_values($artwork->revisions
                ->sortBy('revision')
                ->map(static fn(ArtworkRevision $one): string => $one->checksum)
                ->all()),
            range(1, count($open->design->blocks)),
            $open->design->stopSheet()->halts(),
            $artwork,
        );
    }

    public static function hooping(HoopingTape $tape, int $of, OpenBatch $open): self
    {
        return new self(
            __('floor.folder.hooping', ['number' => $tape->number, 'of' => $of]),
            $open->left,
            $tape->checksum,
            strlen($tape->bytes),
            $tape->stitches(),
            $tape->bounds,
            [],
            array_keys($tape->blocks),
            $tape->halts($open->design->stopSheet()),
            $tape,
        );
    }

    /** @param LetteredText $text with `pieces`, and `header` and `bytes` of its tape in place of it */
    public static function named(LetteredText $text, OpenBatch $open): self
    {
        return new self(
            $text->text,
            (int) $text->getAttribute('pieces'),
            $text->checksum,
            (int) $text->getAttribute('bytes'),
            $text->all_stitches,
            Header::read((string) $text->getAttribute('header'))->bounds() ?? $open->design->bounds,
            [],
            range(1, count($open->design->blocks)),
            [],
            $text,
        );
    }

    public function tape(): string
    {
        return match (true) {
            $this->kept instanceof Artwork => (string) Storage::get($this->kept->tapePath()),
            $this->kept instanceof HoopingTape => $this->kept->bytes,
            default => LetteredText::query()->findOrFail($this->kept->id)->tape,
        };
    }
}
