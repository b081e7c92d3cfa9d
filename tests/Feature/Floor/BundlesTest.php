<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Floor\Models\Bundle;
use App\Orders\Models\Piece;
use Hakama\Floor\Tag;
use Illuminate\Support\Collection;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Pieces tied together under one label: split, joined, counted. */
final class BundlesTest extends FeatureTestCase
{
    #[Test]
    public function what_is_loose_is_tied_size_by_size_and_nothing_twice(): void
    {
        $order = self::polos();
        $this->post("/orders/{$order->number}/bundles", ['of' => '1'])->assertSessionHasErrors('of');
        $this->post("/orders/{$order->number}/bundles", ['of' => 'many'])->assertSessionHasErrors('of');
        // M 4, L 6, XL 2, in fours at most: M 4, L 4 and 2, XL 2.
        $this->post("/orders/{$order->number}/bundles", ['of' => '4'])->assertSessionHas('done', '4 bundles made.');
        self::assertSame([4, 4, 2, 2], $this->counts());
        $this->post("/orders/{$order->number}/bundles", ['of' => '4'])->assertSessionHas(
            'done',
            'Every piece is already in a bundle.',
        );
        $page = $this->get("/orders/{$order->number}/tags?by=bundle")->assertOk();
        foreach ($this->bundles() as $bundle) {
            $page->assertSee($bundle->tag()->code());
        }
        self::assertSame(4, substr_count((string) $page->getContent(), 'data-qr='));
        $this->get("/orders/{$order->number}/tags?by=box")->assertSessionHasErrors('by');
        self::assertSame(
            12,
            substr_count((string) $this->get("/orders/{$order->number}/tags")->getContent(), 'data-qr='),
        );
    }

    #[Test]
    public function bundles_split_and_join_and_every_piece_stays_in_one(): void
    {
        $order = self::polos();
        $this->post("/orders/{$order->number}/bundles", ['of' => '6']);
        [$m, $l, $xl] = $this->bundles()->all();
        self::assertSame([4, 6, 2], $this->counts());
        foreach (['0', '6', '7', 'x'] as $pieces) {
            $this->post("/floor/bundles/{$l->id}/split", ['pieces' => $pieces])->assertSessionHasErrors('pieces');
        }
        $this->post("/floor/bundles/{$l->id}/split", ['pieces' => '2'])->assertSessionHas('done');
        self::assertSame([4, 4, 2, 2], $this->counts());
        self::assertSame(12, Piece::query()->where('order_id', $order->id)->whereNotNull('bundle_id')->count());

        // Tied to one of another size, by its label as it is scanned; of another order it is refused.
        $this->post("/floor/bundles/{$m->id}/join", [
            'other' => "http://shop/floor/tags/{$xl->tag()->code()}",
        ])->assertSessionHas('done');
        self::assertSame([6, 4, 2], $this->counts());
        $this->get("/floor/tags/{$xl->tag()->code()}")->assertSessionHas('problem');
        $this->get("/floor/tags/{$m->tag()->code()}")
            ->assertOk()
            ->assertSee('6 waiting')
            ->assertSee('M 4, XL 2');
        $other = self::hoodies();
        $this->post("/orders/{$other->number}/bundles", ['of' => '20']);
        $foreign = Bundle::query()->orderByDesc('id')->firstOrFail();
        foreach ([$foreign->tag()->code(), $m->tag()->code(), Tag::of(1)->code(), 'nothing', ''] as $label) {
            $this->post("/floor/bundles/{$m->id}/join", ['other' => $label])->assertSessionHasErrors('other');
        }
        self::assertSame([6, 4, 2], $this->counts());
    }

    #[Test]
    public function a_bundle_is_found_by_its_label_and_counted(): void
    {
        $order = self::polos();
        $this->post("/orders/{$order->number}/bundles", ['of' => '6']);
        $bundle = $this->bundles()->get(1);
        self::assertNotNull($bundle);
        $code = $bundle->tag()->code();
        $this->get('/floor/tags?'.http_build_query(['code' => strtolower($code)]))->assertRedirect(
            "/floor/tags/{$code}",
        );
        $this->get("/floor/tags/{$code}")
            ->assertOk()
            ->assertSee('6 pieces in this bundle')
            ->assertSee('L 6');
        $count = fn(string $here) => $this->post("/floor/bundles/{$bundle->id}/count", ['here' => $here]);
        $count('6')->assertSessionHas('done', 'All 6 are here.');
        $count('4')->assertSessionHas('problem', '4 of 6 are here: 2 missing.');
        $count('7')->assertSessionHas('problem', '7 are here, 1 too many.');
        $count('')->assertSessionHasErrors('here');
        $this->get('/floor/tags/'.Tag::ofBundle(999_999)->code())->assertSessionHas('problem');
        // Cancelled pieces take their bundle's place with them; what is left is still tied.
        $this->post("/orders/{$order->number}/cancel", [
            'why_cancelled' => 'Event called off',
        ])->assertSessionHasNoErrors();
        $this->get("/floor/tags/{$code}")
            ->assertOk()
            ->assertSee('0 pieces in this bundle');
    }

    /** @return Collection<int, Bundle> of the polos */
    private function bundles(): Collection
    {
        return Bundle::query()
            ->where('decoration_id', self::decoration(self::polos())->id)
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /** @return list<int> */
    private function counts(): array
    {
        return array_values($this->bundles()->map(static fn(Bundle $one): int => $one->pieces()->count())->all());
    }
}
