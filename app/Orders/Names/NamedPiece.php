<?php

declare(strict_types=1);

namespace App\Orders\Names;

use App\Orders\Models\LetteredText;
use App\Orders\Models\Lettering;
use App\Orders\Models\Piece;

/** A piece with its name, as it comes to the machine. */
final readonly class NamedPiece
{
    private function __construct(
        public string $label,
        public ?string $text,
        public ?LetteredText $sewn,
        public bool $approved,
    ) {}

    /** Null where the artwork is no list of names. */
    public static function of(int $artworkId, Piece $piece): ?self
    {
        $lettering = Lettering::query()->where('artwork_id', $artworkId)->first();

        return $lettering === null
            ? null
            : new self(
                $piece->label(),
                $piece->text,
                $lettering->texts()->where('text', $piece->text)->first(),
                $lettering->approved_at !== null,
            );
    }

    /**
     * How many stitches pieces have that carry a name, with the design it stands under.
     *
     * @param list<int> $pieces
     *
     * @return array<int, int> piece => stitches; without those that carry none
     */
    public static function stitches(array $pieces): array
    {
        return $pieces === []
            ? []
            : Piece::query()
                ->join('decorations as d', 'd.id', '=', 'pieces.decoration_id')
                ->join('letterings as l', 'l.artwork_id', '=', 'd.artwork_id')
                ->join('lettered_texts as t', static function ($join): void {
                    $join->on('t.lettering_id', '=', 'l.id')->on('t.text', '=', 'pieces.text');
                })
                ->whereIn('pieces.id', $pieces)
                ->pluck('t.all_stitches', 'pieces.id')
                ->map(intval(...))
                ->all();
    }

    /** Why it cannot be sewn yet; null where it can. */
    public function refusal(): ?string
    {
        return match (true) {
            $this->text === null || $this->sewn === null
                => (string) __('orders.named_piece.has_no_name_yet_enter_it', ['label' => $this->label]),
            ! $this->approved
                => (string) __('orders.named_piece.the_spelling_is_not_approved_yet'),
            default => null,
        };
    }
}
