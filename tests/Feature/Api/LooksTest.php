<?php

declare(strict_types=1);

namespace Tests\Feature\Api;

use App\Api\Http\Idempotent;
use App\Artwork\Models\Artwork;
use App\Money\Models\Invoice;
use App\Stock\Models\Thread;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;

/** Artworks, catalogue, stock and invoices; and that the description says what is answered. */
final class LooksTest extends ApiTestCase
{
    #[Test]
    public function a_tape_is_taken_in_once_and_read(): void
    {
        $tape = self::tape(77);
        $said = $this->tapeSent($tape, 'row.dst', 'Row of 77')->assertCreated();
        $artwork = Artwork::query()->findOrFail($said->json('id'));
        $said->assertJson(['name' => 'Row of 77', 'is_read' => true, 'checksum' => hash('sha256', $tape)]);
        self::assertSame($artwork->stitches, $said->json('stitches'));
        // The same file under another key is the artwork it is.
        self::assertSame($artwork->id, $this->tapeSent($tape, 'again.dst')->assertCreated()->json('id'));
        self::assertSame($said->json(), $this->ask("artworks/{$artwork->id}")->assertOk()->json());
        $before = Artwork::query()->count();
        $this->tapeSent('not a tape', 'bad.dst')->assertStatus(422)->assertJsonStructure(['errors' => ['tape']]);
        $this->tapeSent($tape, 'letter.pdf')->assertStatus(422)->assertJsonStructure(['errors' => ['tape']]);
        self::assertSame($before, Artwork::query()->count());
        // An order may name it.
        $order = self::order();
        $order['lines'][0]['decorations'][0]['artwork_id'] = $artwork->id;
        $this->send('orders', $order)
            ->assertCreated()
            ->assertJsonPath('lines.0.decorations.0.artwork_id', $artwork->id);
    }

    #[Test]
    public function what_an_order_may_name_is_what_it_is_taken_with(): void
    {
        $catalogue = $this->ask('catalogue')->assertOk();
        foreach (['garments', 'fabrics', 'profiles', 'sizes', 'positions', 'styles'] as $of) {
            self::assertNotSame([], $catalogue->json($of), $of);
        }
        foreach ((array) $catalogue->json('garments') as $garment) {
            $order = self::order();
            $order['lines'][0]['garment'] = $garment;
            $order['lines'][0]['profile'] = $catalogue->json('profiles.1');
            $this->send('orders', $order)->assertCreated();
        }
    }

    #[Test]
    public function thread_and_invoices_are_told_as_the_shop_has_them(): void
    {
        $threads = (array) $this->ask('threads?limit=100')->assertOk()->json('items');
        self::assertSame(
            Thread::query()->orderBy('id')->limit(100)->pluck('code')->all(),
            array_column($threads, 'code'),
        );
        $order = self::polos()->refresh();
        $order->update(['agreed_cents' => 10_000]);
        $this->post("/orders/{$order->number}/invoices", ['form' => Str::uuid()->toString()])->assertSessionHas('done');
        $invoice = Invoice::query()->orderByDesc('number')->firstOrFail();
        $this->post("/books/invoices/{$invoice->number}/payments", [
            'form' => Str::uuid()->toString(),
            'paid' => '30.00',
            'paid_on' => now()->toDateString(),
        ])->assertSessionHas('done');
        $said = $this->ask("invoices/{$invoice->number}")->assertOk();
        $said->assertJson([
            'order' => $order->number,
            'cents' => 10_000,
            'tax_cents' => 0,
            'open_cents' => 7_000,
            'currency' => 'EUR',
        ]);
        self::assertSame(10_000, array_sum(array_column((array) $said->json('rows'), 'cents')));
        $after = $invoice->number - 1;
        self::assertSame([$said->json()], $this->ask("invoices?after={$after}")->json('items'));
    }

    #[Test]
    public function the_description_is_the_one_that_is_printed_and_has_no_fault(): void
    {
        $served = (string) $this->get('/api/v1/openapi.json')->assertOk()->getContent();
        self::assertJsonStringEqualsJsonFile(
            base_path('docs/openapi.json'),
            $served,
            'php artisan api:document >docs/openapi.json',
        );
        self::assertSame('', (new Process(
            ['node', 'tests/Support/lint-openapi.mjs', 'docs/openapi.json'],
            base_path(),
        ))->mustRun()->getOutput());
    }

    #[Test]
    public function every_answer_holds_what_the_description_says(): void
    {
        $number = $this->send('orders', self::order())->json('number');
        $answers = [
            ['Order', $this->ask("orders/{$number}")->json()],
            ['Approval', $this->send("orders/{$number}/approval")->json()],
            ['Catalogue', $this->ask('catalogue')->json()],
            ['Problem', $this->ask('orders/987654')->json()],
            ['Problem', $this->send('orders', [])->json()],
            ...$this->each('Order', 'orders?state=all&limit=100'),
            ...$this->each('Artwork', 'artworks?limit=100'),
            ...$this->each('Thread', 'threads'),
            ...$this->each('Invoice', 'invoices'),
        ];
        self::assertGreaterThan(40, count($answers));
        self::assertSame('', self::faults($answers));
        // And a fault is found.
        $order = (array) $answers[0][1];
        self::assertStringContainsString('Order/number', self::faults([['Order', [...$order, 'number' => 'x']]]));
        self::assertStringContainsString('Order', self::faults([['Order', [...$order, 'secret' => 1]]]));
    }

    /** @return list<array{string, mixed}> */
    private function each(string $schema, string $path): array
    {
        return array_map(
            static fn(mixed $one): array => [$schema, $one],
            array_values((array) $this->ask($path)->assertOk()->json('items')),
        );
    }

    /** @return TestResponse<Response> */
    private function tapeSent(string $bytes, string $file, string $name = ''): TestResponse
    {
        Auth::forgetGuards();

        return $this->withHeaders([
            'Authorization' => "Bearer {$this->token}",
            Idempotent::HEADER => Str::uuid()->toString(),
        ])->post('/api/v1/artworks', ['name' => $name, 'tape' => self::upload($bytes, $file)]);
    }
}
