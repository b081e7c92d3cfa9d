<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\FloorLog\FloorLog;
use App\Models\Order;
use App\Models\Piece;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\PieceState;
use Hakama\Floor\Tag;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;

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
    public function a_label_leads_to_its_piece_and_what_is_no_label_is_said(): void
    {
        $piece = $this->piece();
        $tag = Tag::of($piece->id)->code();
        foreach ([$tag, strtolower($tag), "https://elsewhere/floor/tags/{$tag}"] as $typed) {
            $this->get('/floor/tags?code='.urlencode($typed))->assertRedirect("/floor/tags/{$tag}");
        }
        $this->get('/floor/tags?code=P-1-1')->assertOk()->assertSee('P-1-1 is no label');
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
            ->assertSee("waits in {$batch->code} for {$machine}")
            ->assertSee('It is hooped');
        FloorLog::append(
            self::machine($machine),
            $batch,
            new Event(Str::uuid()->toString(), EventKind::PieceHooped, $batch->id, 0, pieces: [$piece->id]),
            'hand',
            'Ilse',
        );
        $this->get($tag)->assertSee('goes on the machine with one of the next loads')->assertDontSee('It is hooped');
        $piece->update(['state' => PieceState::Done, 'finish' => FinishState::ToFinish]);
        $this->get($tag)->assertSee('It is finished');
        $piece->update(['finish' => FinishState::ToCheck]);
        $this->get($tag)->assertSee('Look at it');
        $piece->update(['finish' => FinishState::Passed]);
        $this->get($tag)->assertSee('handed over with its order');
        $piece->update(['state' => PieceState::Sewing, 'finish' => null]);
        $this->get($tag)->assertSee('taken off and counted at the machine');
    }

    private function piece(): Piece
    {
        return Piece::query()->findOrFail((int) self::batchOf(self::polos())->pieces()->value('pieces.id'));
    }
}
