<?php

declare(strict_types=1);

namespace App\Orders\Names;

use App\Artwork\Actions\Intake;
use App\Artwork\Events\ArtworkChanged;
use App\Artwork\Jobs\ReadTape;
use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\Database\Transaction;
use App\Orders\Models\Decoration;
use App\Orders\Models\LetteredText;
use App\Orders\Models\Lettering;
use App\Orders\Models\Piece;
use App\Plan\Models\Plan;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Artwork\Variant;
use Hakama\Floor\PieceState;
use Hakama\Lettering\UnfitText;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Support\Facades\Storage;

/** Writes down which piece carries which name, and makes of them what setup, plan and floor go by. */
final readonly class NamesBook
{
    public function __construct(private NamesDrawn $drawn, private House $house, private Intake $intake) {}

    /**
     * Its artwork from then on is the list: the design with the longest text, whose time and thread are those of all texts
     * on average.
     *
     * @param Lettering          $wanted how they are lettered; not written down yet
     * @param array<int, string> $texts  piece => text, one for each piece of the decoration
     * @param int|null           $thread of the texts
     *
     * @throws UnfitText
     * @throws StaleNames
     */
    public function keep(Decoration $decoration, Lettering $wanted, array $texts, ?int $thread): Lettering
    {
        if ($texts === []) {
            throw UnfitText::nothing();
        }
        $sewn = [];
        foreach (array_unique($texts) as $text) {
            $lettered = $this->drawn->text($wanted, $text);
            $whole = $this->drawn->pattern($wanted, $lettered);
            $sewn[$text] = new SewnText(
                $lettered,
                PatternFigures::of($lettered->pattern, $this->house->rules()->measuring()),
                $whole,
            );
        }

        return Transaction::run(function () use ($decoration, $wanted, $texts, $thread, $sewn): Lettering {
            $decoration->refresh()->load(['artwork.blocks', 'batch', 'setup', 'line.order']);
            $before = Lettering::of($decoration);
            $begun = self::begun($decoration, $before);
            if ($begun !== []) {
                self::mustStay($before, $wanted, $texts, $begun);
            }
            // What the list came to before says nothing of it any more.
            $before?->texts()->delete();
            $longest = self::longest($sewn);
            $low = min(array_map(static fn(SewnText $one): float => $one->lettered->heightMm, $sewn));
            $artwork = $this->artwork($decoration, $wanted, $longest->pattern, $low, $thread);
            $lettering = $before ?? new Lettering(['artwork_id' => $artwork->id]);
            $lettering->fill([...$wanted->said(), 'approved_by' => '', 'approved_at' => null])->save();
            $rows = [];
            foreach ($sewn as $text => $one) {
                $tape = (new TapeWriter())->toString($one->pattern->named(mb_substr((string) $text, 0, 16)));
                $rows[] = [
                    'lettering_id' => $lettering->id,
                    'text' => (string) $text,
                    'stitches' => $one->alone->counts->stitches,
                    'all_stitches' => $one->stitches(),
                    'length_mm' => $one->aloneMm(),
                    'trims' => $one->alone->counts->trims,
                    'width_mm' => $one->lettered->widthMm,
                    'height_mm' => $one->lettered->heightMm,
                    'checksum' => hash('sha256', $tape),
                    'tape' => $tape,
                ];
            }
            LetteredText::query()->insert($rows);
            self::name($texts);
            if ($decoration->artwork_id !== $artwork->id) {
                // What was set up for another design no longer holds.
                $decoration->batch?->delete();
                $decoration->setup?->delete();
            }
            $decoration->update(['artwork_id' => $artwork->id]);
            $lettering->average($this->house->rules()->measuring());
            Plan::query()->increment('version');
            ArtworkChanged::dispatch($artwork->id);
            ChangeLog::note(
                Change::ORDER,
                (string) $decoration->line->order->number,
                __('orders.names_book.names_for', [
                    'texts' => count($texts),
                    'position_label' => $decoration->positionLabel(),
                ]),
            );

            return $lettering;
        });
    }

    /** The spelling was read by a person, and is as the customer wants it. */
    public static function approve(Decoration $decoration, Lettering $lettering, string $who): void
    {
        Transaction::run(static function () use ($decoration, $lettering, $who): void {
            $lettering->update(['approved_by' => $who, 'approved_at' => CarbonImmutable::now()]);
            ChangeLog::note(
                Change::ORDER,
                (string) $decoration->line->order->number,
                __('orders.names_book.spelling_of_approved', ['position_label' => $decoration->positionLabel()]),
            );
        });
    }

    /** @param array<int, string> $texts piece => text */
    private static function name(array $texts): void
    {
        $rows = [];
        foreach (Piece::query()->findMany(array_keys($texts)) as $piece) {
            $rows[] = [
                ...$piece->only(['id', 'order_id', 'decoration_id', 'size', 'number']),
                'text' => $texts[$piece->id],
            ];
        }
        Piece::query()->upsert($rows, ['id'], ['text']);
    }

    /** @return array<int, Piece> pieces that are on a machine or done, by id */
    private static function begun(Decoration $decoration, ?Lettering $before): array
    {
        $begun = Lettering::pieces($decoration)->where('state', '!=', PieceState::Waiting)->get()->keyBy('id')->all();
        if ($before === null && $decoration->batch?->events()->exists() === true) {
            throw StaleNames::otherArtwork();
        }

        return $begun;
    }

    /**
     * @param array<int, string> $texts
     * @param array<int, Piece>  $begun
     *
     * @throws StaleNames
     */
    private static function mustStay(?Lettering $before, Lettering $wanted, array $texts, array $begun): void
    {
        if ($before === null) {
            throw StaleNames::otherArtwork();
        }
        if ($before->said() !== $wanted->said()) {
            throw StaleNames::batchIsBegun();
        }
        foreach ($begun as $piece) {
            if ($piece->text !== ($texts[$piece->id] ?? null)) {
                throw StaleNames::pieceIsBegun($piece->label(), (string) $piece->text);
            }
        }
    }

    /** @param non-empty-array<SewnText> $sewn */
    private static function longest(array $sewn): SewnText
    {
        $widths = array_map(static fn(SewnText $one): float => $one->lettered->widthMm, $sewn);

        return $sewn[array_search(max($widths), $widths, true)];
    }

    /** The list as an artwork, new or anew, drawn with its longest text. */
    private function artwork(
        Decoration $decoration,
        Lettering $lettering,
        Pattern $pattern,
        float $lowMm,
        ?int $thread,
    ): Artwork {
        $order = $decoration->line->order->number;
        // What stands in the head of the tape makes the same names on two orders two tapes.
        $pattern = $pattern->named("{$order}-{$decoration->id} NAMES");
        $with = [
            'variant' => Variant::Names->value,
            'lettering' => true,
            'letter_mm' => $lowMm,
            'family_id' => null,
            'made' =>
                __('orders.names_book.made_from_the_names_of_order', [
                    'order' => $order,
                    'value' => $lettering->design === null ? '' : __('orders.names_book.under', [
                        'name' => $lettering->design->name,
                    ]),
                ]),
        ];
        $artwork = $decoration->artwork;
        if ($artwork === null || $artwork->variant !== Variant::Names) {
            $blocks = $lettering->design?->blocks()->get();

            return $this->intake->make(
                $pattern,
                "names-{$order}.dst",
                __('orders.names_book.name', ['order' => $order, 'position' => $decoration->positionLabel()]),
                'names',
                $with,
                array_values([
                    ...($blocks ?? collect())
                        ->map(static fn(ArtworkBlock $block): array => $block->only(['thread_id', 'role', 'note']))
                        ->all(),
                    ['thread_id' => $thread],
                ]),
            );
        }
        $bytes = (new TapeWriter())->toString($pattern);
        $artwork->fill([...$with, 'checksum' => hash('sha256', $bytes), 'bytes' => strlen($bytes), 'read_at' => null]);
        Storage::put($artwork->tapePath(), $bytes);
        $artwork->save();
        (new ReadTape($artwork->id))->handle($this->house);
        $artwork->refresh();
        ArtworkBlock::query()
            ->where('artwork_id', $artwork->id)
            ->where('number', $artwork->blocks()->count())
            ->update(['thread_id' => $thread]);

        return $artwork;
    }
}
