<?php

declare(strict_types=1);

namespace App\Floor\Folder;

use App\Artwork\HoopingTapes;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\LetteredText;
use App\Orders\Models\Piece;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use Hakama\Artwork\HoopingTape;
use Hakama\Artwork\Variant;
use Hakama\Floor\Folder\FolderFile;
use Hakama\Floor\Folder\TapeName;
use Hakama\Floor\PieceState;
use Hakama\Garment\Garment;
use Hakama\Plan\Placed;
use Hakama\Stitch\Tape\Header;
use Hakama\Stitch\Turn;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\JoinClause;

/** What a machine sews next: its tapes in the order of the plan, as they lie in its folder. */
final readonly class MachineFolder
{
    public function __construct(private HoopingTapes $hoopings, private PlanBoard $board) {}

    /** @return list<FolderTape> */
    public function of(Machine $machine): array
    {
        $placed = array_slice($this->board->timetable()->on($machine->code), 0, TapeName::MOST);
        $open = array_map(fn(Placed $one): OpenBatch => $this->board->batches()[$one->batch->id], $placed);
        $decorations = Decoration::query()
            ->with(['artwork.revisions', 'setup.frame', 'line'])
            ->findMany(array_map(static fn(OpenBatch $one): int => $one->decorationId, $open))
            ->keyBy('id');
        $texts = self::texts($decorations);
        $tapes = [];
        foreach ($placed as $i => $one) {
            $decoration = $decorations[$open[$i]->decorationId] ?? null;
            if ($decoration === null) {
                continue;
            }
            foreach ($this->parts($open[$i], $decoration, $texts[$decoration->id] ?? []) as $part) {
                $tapes[] = new FolderTape(
                    self::file(count($tapes) + 1, $one, $open[$i], $part, self::turn($decoration, $machine)),
                    $open[$i]->id,
                    $decoration->artwork?->read_at,
                    $part,
                );
                // There is no name for more, and long before they are sewn the plan is another.
                if (count($tapes) === TapeName::MOST) {
                    return $tapes;
                }
            }
        }

        return $tapes;
    }

    /**
     * @param list<LetteredText> $texts
     *
     * @return list<FolderPart>
     */
    private function parts(OpenBatch $open, Decoration $decoration, array $texts): array
    {
        $artwork = $decoration->artwork;
        if ($artwork === null) {
            return [];
        }
        if ($artwork->variant === Variant::Names) {
            return array_map(static fn(LetteredText $text): FolderPart => FolderPart::named($text, $open), $texts);
        }
        $hoopings = $this->hoopings->of($artwork, $decoration->setup);

        return $hoopings === []
            ? [FolderPart::whole($artwork, $open)]
            : array_map(
                static fn(HoopingTape $tape): FolderPart => FolderPart::hooping($tape, count($hoopings), $open),
                $hoopings,
            );
    }

    private static function file(int $place, Placed $placed, OpenBatch $open, FolderPart $part, Turn $turn): FolderFile
    {
        $threads = $open->design->threads();
        $needles = $placed->changes->cones->order;

        return new FolderFile(
            TapeName::of($place, $open->code, $part->checksum, $part->before),
            $open->code,
            $open->design->name,
            $part->part,
            $open->setup->garment,
            $open->setup->position,
            $part->pieces,
            $part->checksum,
            $part->bytes,
            $part->stitches,
            $open->batch->equipment->frame,
            $turn->value,
            $open->setup->speedSpm,
            $part->bounds,
            array_map(static fn(int $block): array => [
                'needle' => $needles[$block - 1] ?? 0,
                'thread' => $threads[$block - 1],
            ], $part->blocks),
            $part->halts,
        );
    }

    /** What is set at this machine's panel. */
    private static function turn(Decoration $decoration, Machine $machine): Turn
    {
        $turn = Turn::from($decoration->setup->turn_deg ?? 0);

        return $decoration->setup?->frame->driver->turnToSet(
            $turn,
            $decoration->line->garment === Garment::Cap,
            $machine->turns_caps,
        ) ?? $turn;
    }

    /**
     * The names that are still to be sewn, in the order of their pieces; the spelling of each is approved.
     *
     * @param Collection<int, Decoration> $decorations
     *
     * @return array<int, list<LetteredText>> by decoration
     */
    private static function texts(Collection $decorations): array
    {
        $named = $decorations->filter(static fn(Decoration $one): bool => $one->artwork?->variant === Variant::Names);
        if ($named->isEmpty()) {
            return [];
        }
        $waiting = Piece::query()
            ->whereIn('decoration_id', $named->keys())
            ->whereIn('state', [PieceState::Waiting, PieceState::Sewing])
            ->whereNotNull('text')
            ->groupBy('decoration_id', 'text')
            ->selectRaw('decoration_id, text, count(*) as pieces, min(id) as first');
        $texts = LetteredText::query()
            ->join('letterings as l', 'l.id', '=', 'lettered_texts.lettering_id')
            ->join('decorations as d', 'd.artwork_id', '=', 'l.artwork_id')
            ->joinSub($waiting, 'p', static function (JoinClause $join): void {
                $join->on('p.decoration_id', '=', 'd.id')->on('p.text', '=', 'lettered_texts.text');
            })
            ->whereNotNull('l.approved_at')
            ->orderBy('p.first')
            ->selectRaw('lettered_texts.id, lettered_texts.text, lettered_texts.checksum, lettered_texts.all_stitches,
                left(lettered_texts.tape, ?) as header, length(lettered_texts.tape) as bytes, d.id as decoration,
                p.pieces', [Header::LENGTH])
            ->get();
        $of = [];
        foreach ($texts as $text) {
            $of[(int) $text->getAttribute('decoration')][] = $text;
        }

        return $of;
    }
}
