<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Floor\Actions\AppendEvent;
use App\Floor\Models\Bundle;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\LabelStock;
use Hakama\Floor\PieceState;
use Hakama\Floor\Tag;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;
use Tests\ReadsPdf;

/** Labels of pieces: printed by order, scanned or typed, and what is next for the piece. */
final class TagsTest extends FeatureTestCase
{
    #[Test]
    public function every_piece_of_an_order_has_its_label_on_a_sheet_or_a_roll(): void
    {
        $order = self::polos()->refresh();
        $pieces = Piece::query()->where('order_id', $order->id)->get();
        foreach (['', '?on=roll'] as $on) {
            $page = $this->get("/orders/{$order->number}/tags{$on}")->assertOk();
            foreach ($pieces as $piece) {
                $page->assertSee(Tag::of($piece->id)->code());
            }
            self::assertSame($pieces->count(), substr_count((string) $page->getContent(), 'data-qr='));
        }
        $this->get('/orders/'.self::polos()->number.'/tags?on=stone')->assertSessionHasErrors('on');
    }

    #[Test]
    public function labels_come_as_a_pdf_for_a_sheet_and_for_a_roll(): void
    {
        $order = self::polos()->refresh();
        $count = Piece::query()->where('order_id', $order->id)->count();
        // A page of the sheet takes 24 of them, one of the roll a single one.
        foreach (['' => (int) ceil($count / 24), '?on=roll' => $count] as $on => $pages) {
            $pdf = $this->get("/orders/{$order->number}/labels.pdf{$on}")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf')
                ->getContent();
            self::assertStringStartsWith('%PDF-', (string) $pdf);
            self::assertSame($pages, ReadsPdf::pages((string) $pdf));
        }
        $this->get("/orders/{$order->number}/labels.pdf?by=bundle")->assertOk();
        $this->get("/orders/{$order->number}/labels.pdf?on=stone")->assertSessionHasErrors('on');
    }

    /** Every code of a page, at the dots of every usual printer, by a reader that is not ours; and every word whole. */
    #[Test]
    #[TestWith([LabelStock::Sheet]), TestWith([LabelStock::SheetOfFourteen]), TestWith([LabelStock::SheetOfForty])]
    #[TestWith([LabelStock::Roll]), TestWith([LabelStock::NarrowRoll]), TestWith([LabelStock::WideRoll])]
    public function every_code_of_a_page_is_read_at_every_resolution(LabelStock $stock): void
    {
        $order = self::polos()->refresh();
        $order->customer->update(['name' => 'Wolfeschlegelsteinhausenbergerdorff & Vandenboompartnership']);
        config(['shop.address' => 'https://shop.somewhere-by-the-lake.example:8443']);
        [$columns, $rows] = $stock->grid();
        $codes = Piece::query()
            ->where('order_id', $order->id)
            ->orderBy('decoration_id')
            ->orderBy('id')
            ->limit($columns * $rows)
            ->get()
            ->map(static fn(Piece $piece): string => Tag::of($piece->id)->code())->sort()->values()->all();
        $pdf = (string) $this->get("/orders/{$order->number}/labels.pdf?on={$stock->value}")->assertOk()->getContent();
        // Printers for rolls have 203 dots as well, where the squares do not fall on whole ones.
        foreach ([150, 200, 300, 600, ...$stock->isRoll() ? [203] : []] as $dots) {
            $read = (new Process(
                ['zbarimg', '--quiet', '--raw', '-Sdisable', '-Sqrcode.enable', 'png:-'],
                input: ReadsPdf::picture($pdf, $dots),
            ))->mustRun()->getOutput();
            preg_match_all('~floor/tags/(\S+)~', $read, $found);
            self::assertSame($codes, collect($found[1])->sort()->values()->all(), "at {$dots} dots an inch");
        }
        $text = ReadsPdf::text($pdf);
        self::assertStringContainsString('Wolfeschlegelsteinhausenbergerdorff', $text);
        self::assertStringContainsString('Vandenboompartnership', $text);
    }

    #[Test]
    public function what_is_ready_is_counted_label_by_label_and_each_once(): void
    {
        $order = self::polos()->refresh();
        $ids = Piece::query()->where('order_id', $order->id)->orderBy('id')->pluck('id')->all();
        Piece::query()
            ->whereKey([$ids[0], $ids[1]])
            ->update(['state' => PieceState::Done, 'finish' => FinishState::Passed]);
        Piece::query()
            ->whereKey($ids[2])
            ->update(['state' => PieceState::Done, 'finish' => FinishState::ToCheck]);
        $path = "/orders/{$order->number}/count";
        $count = fn(string $code) => $this->post($path, ['code' => $code]);
        $code = static fn(int $at): string => Tag::of($ids[$at])->code();

        $this->get($path)->assertOk()->assertSee('0 of '.count($ids))->assertSee($code(0))->assertDontSee($code(2));
        $count($code(0))->assertSessionHas('done');
        $count("https://shop/floor/tags/{$code(0)}")->assertSessionHas('problem', "{$code(0)} was already counted.");
        $count($code(2))->assertSessionHas('problem', "{$code(2)} is to check: not counted.");
        $count($code(3))->assertSessionHas('problem', "{$code(3)} is not sewn yet: not counted.");
        $count('P-1-1')->assertSessionHas('problem');
        $count('')->assertSessionHas('problem', 'Scan a label, or type its code.');
        $other = Piece::query()->where('order_id', self::hoodies()->id)->firstOrFail();
        $strange = Tag::of($other->id)->code();
        $count($strange)->assertSessionHas('problem', "{$strange} does not belong to order {$order->number}.");
        $this->get($path)->assertSee('1 of '.count($ids));

        $this->withHeaders(['HX-Request' => 'true'])
            ->post($path, ['code' => $code(1)])
            ->assertOk()
            ->assertSee('2 of '.count($ids))
            ->assertSee('Everything ready is counted');
        $this->delete($path)->assertSessionHas('done');
        self::assertSame(0, Piece::query()->where('order_id', $order->id)->whereNotNull('counted_at')->count());
    }

    #[Test]
    public function a_bundle_counts_what_is_ready_of_it(): void
    {
        $order = self::polos()->refresh();
        Bundle::tie($order, 200, 'Odo');
        $bundle = Bundle::query()->with('pieces')->where('decoration_id', self::batchOf($order)->decoration_id)->firstOrFail();
        Piece::query()
            ->whereKey($bundle->pieces->take(2)->modelKeys())
            ->update(['state' => PieceState::Done, 'finish' => FinishState::Passed]);
        $this->post("/orders/{$order->number}/count", ['code' => $bundle->tag()->code()])->assertSessionHas(
            'done',
            "2 of {$bundle->pieces->count()} in it counted.",
        );
        $gone = Tag::ofBundle(999_999)->code();
        $this->post("/orders/{$order->number}/count", ['code' => $gone])->assertSessionHas('problem');
    }

    #[Test]
    public function a_label_leads_to_its_piece_and_what_is_no_label_is_said(): void
    {
        $piece = $this->piece();
        $tag = Tag::of($piece->id)->code();
        foreach ([$tag, strtolower($tag), "https://elsewhere/floor/tags/{$tag}"] as $typed) {
            $this->get('/floor/tags?code='.urlencode($typed))->assertRedirect("/floor/tags/{$tag}");
        }
        $this->get('/floor/tags?code=P-1-1')->assertOk()->assertSee('P-1-1 is not a label');
        $this->get('/floor/tags')->assertOk()->assertDontSee('is no label');
        $this->get('/floor/tags/'.Tag::of(999_999)->code())
            ->assertRedirectContains('/floor/tags?code=')
            ->assertSessionHas('problem');
    }

    #[Test]
    public function what_is_next_is_offered_and_done_there(): void
    {
        $piece = $this->piece();
        $tag = '/floor/tags/'.Tag::of($piece->id)->code();
        $batch = self::batchOf(self::polos());
        $machine = $batch->machine->code ?? '';
        self::assertSame($batch->code, self::board()->sequence()->on($machine)[0] ?? null, 'it has its turn');
        $this->get($tag)
            ->assertOk()
            ->assertSee("waiting in {$batch->code} for {$machine}")
            ->assertSee('Hooped');
        app(AppendEvent::class)->append(
            self::machine($machine),
            $batch,
            new Event(Str::uuid()->toString(), EventKind::PieceHooped, $batch->id, 0, pieces: [$piece->id]),
            'hand',
            'Ilse',
        );
        $this->get($tag)->assertSee('goes on the machine with one of the next loads')->assertDontSee('Hooped</button>', false);
        $piece->update(['state' => PieceState::Done, 'finish' => FinishState::ToFinish]);
        $this->get($tag)->assertSee('Finished');
        $piece->update(['finish' => FinishState::ToCheck]);
        $this->get($tag)->assertSee('Inspect');
        $piece->update(['finish' => FinishState::Passed]);
        $this->get($tag)->assertSee('goes out with its order');
        $piece->update(['state' => PieceState::Sewing, 'finish' => null]);
        $this->get($tag)->assertSee('Take it off and count it at the machine');
    }

    private function piece(): Piece
    {
        return Piece::query()->findOrFail((int) self::batchOf(self::polos())->pieces()->value('pieces.id'));
    }
}
