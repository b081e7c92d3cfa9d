<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Foundation\Clock\MinutePassed;
use App\Money\Models\Invoice;
use App\Money\Models\KeptPaper;
use App\Orders\Actions\CustomerBook;
use App\Orders\Jobs\SendLetter;
use App\Orders\Letters\BouncedMail;
use App\Orders\Letters\LetterState;
use App\Orders\Models\Approval;
use App\Orders\Models\Customer;
use App\Orders\Models\Letter;
use App\Orders\Models\Order;
use App\Shop\Actions\RuleChange;
use App\Shop\Models\Change;
use Hakama\House\Question;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;

/** Customers are written to by a real mail server; each letter is handed to it once. */
final class LettersTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // Handed over by each test itself, when it has come to that.
        Queue::fake();
    }

    #[Test]
    public function a_letter_is_opened_changed_and_sent_once(): void
    {
        $order = self::polos()->refresh();
        $order->customer->update(['email' => 'choir@example.com']);
        $this->get("/orders/{$order->number}/letters/received")
            ->assertOk()
            ->assertSee('choir@example.com')
            ->assertSee("Your order {$order->number}: received")
            ->assertSee('we have received your order');
        $to = $this->address();
        $form = Str::uuid()->toString();
        foreach ([1, 2] as $time) {
            $this->send($order, ['form' => $form, 'to' => $to, 'text' => "Żółć 山\n.\n.. and so on"])
                ->assertSessionHas('done', "“Order received” goes to {$to}.");
        }
        $letter = Letter::query()->sole();
        self::assertSame(LetterState::Waiting, $letter->state);
        self::assertCount(1, self::queued(SendLetter::class));
        $this->deliver($letter);
        $this->deliver($letter);
        self::assertSame(LetterState::Sent, $letter->refresh()->state);
        $mail = $this->mailTo($to);
        self::assertCount(1, $mail, 'handed over twice, taken once');
        [$head, $body] = explode("\r\n\r\n", $mail[0], 2);
        self::assertStringContainsString("Message-ID: <{$letter->message_id}>", $head);
        self::assertStringContainsString('Subject: Now then', $head);
        self::assertSame("Żółć 山\r\n.\r\n.. and so on", trim(quoted_printable_decode($body)));
        $this->get("/orders/{$order->number}/story")->assertSee($to);
        $this->get("/orders/{$order->number}/letters/received")->assertOk();
    }

    #[Test]
    public function what_cannot_be_sent_is_said_at_its_field_and_kept(): void
    {
        $order = self::polos();
        $this->send($order, ['to' => 'a@example.com, b@example.com'])->assertSessionHasErrors('to');
        $this->send($order, ['to' => "a@example.com\r\nBcc: b@example.com"])->assertSessionHasErrors('to');
        $this->send($order, ['subject' => "Hello\r\nBcc: b@example.com"])->assertSessionHasErrors('subject');
        $this->send($order, ['text' => ' '])->assertSessionHasErrors('text');
        $this->send($order, ['form' => '7'])->assertSessionHasErrors('form');
        $this->post("/orders/{$order->number}/letters/invoice", [])->assertNotFound();
        config(['shop.smtp' => '']);
        $this->send($order, [])
            ->assertSessionHasErrors(['to' => 'No mail server is set up, so nothing can be sent from here.']);
        self::assertSame(0, Letter::query()->count());
    }

    #[Test]
    public function who_is_refused_or_gone_is_seen_at_the_order_and_at_the_customer(): void
    {
        $order = self::polos()->refresh();
        $this->send($order, ['to' => 'nobody@example.com']);
        $letter = Letter::query()->sole();
        $this->deliver($letter);
        self::assertSame(LetterState::Failed, $letter->refresh()->state);
        self::assertSame('550 5.1.1 there is nobody of that name', $letter->why);
        $this->get("/customers/{$order->customer_id}")->assertSee('nobody@example.com did not arrive');
        // A customer who was entered twice takes their letters along.
        $one = Customer::query()->create(['name' => 'The one and only']);
        CustomerBook::merge($one, $order->customer);
        $this->get("/customers/{$one->id}")->assertSee('nobody@example.com did not arrive');
        $this->post("/orders/letters/{$letter->id}/again", ['to' => 'no'])->assertSessionHasErrors('to');
        $this->post("/orders/letters/{$letter->id}/again", ['to' => 'gone@example.com'])->assertSessionHas('done');
        $this->post("/orders/letters/{$letter->id}/again", ['to' => 'x@example.com'])->assertSessionHas('problem');
        $this->deliver($letter);
        self::assertSame([LetterState::Sent, ''], [$letter->refresh()->state, $letter->why]);

        // An hour later it comes back; read twice it came back once.
        Event::dispatch(new MinutePassed());
        self::assertSame(LetterState::Failed, $letter->refresh()->state);
        self::assertSame('5.2.1 550 5.2.1 this mailbox was closed', $letter->why);
        Event::dispatch(new MinutePassed());
        self::assertSame(1, Change::query()->where('what', 'like', '%came back%')->count());
        $this->get("/orders/{$order->number}/story")->assertSee('this mailbox was closed')->assertSee('Send again');
    }

    #[Test]
    public function a_report_of_something_else_touches_no_letter(): void
    {
        $ours = "Message-ID: <x@letters.hakama.invalid>\r\n";
        self::assertNull(BouncedMail::read("Action: delayed\r\nStatus: 4.4.1\r\n{$ours}"));
        self::assertNull(BouncedMail::read("Action: failed\r\nStatus: 5.1.1\r\nMessage-ID: <x@elsewhere.example>\r\n"));
        self::assertNull(BouncedMail::read(''));
        $read = BouncedMail::read("Action: failed\r\nStatus: 5.1.1\r\nMessage-ID:\r\n <x@letters.hakama.invalid>\r\n");
        self::assertSame(['x@letters.hakama.invalid', '5.1.1'], [$read?->messageId, $read?->why]);
    }

    #[Test]
    public function a_server_that_is_away_is_waited_for_and_one_that_breaks_off_is_not_asked_again(): void
    {
        $order = self::polos();
        $to = $this->address();
        $this->send($order, ['to' => $to]);
        $letter = Letter::query()->sole();
        $here = (string) config('shop.smtp');
        $this->through('smtp://127.0.0.1:1');
        try {
            $this->deliver($letter);
            self::fail('the queue has to know that it is worth another try');
        } catch (TransportException) {
            self::assertSame(LetterState::Waiting, $letter->refresh()->state);
        }
        $this->through($here);
        $this->deliver($letter);
        self::assertSame(LetterState::Sent, $letter->refresh()->state);
        self::assertCount(1, $this->mailTo($to));

        // It took the whole of it and was gone before it said so: nobody knows.
        $this->send($order, ['to' => $to]);
        $second = Letter::query()->latest('id')->firstOrFail();
        [$breaks, $port] = self::breaksOff();
        $this->through("smtp://127.0.0.1:{$port}");
        $this->deliver($second);
        $breaks->stop();
        self::assertSame(LetterState::Sending, $second->refresh()->state);
        $this->through($here);
        $this->deliver($second);
        self::assertCount(1, $this->mailTo($to));
        $this->get("/orders/{$order->number}/story")->assertSee('it may have arrived')->assertSee('Send again');
    }

    #[Test]
    public function an_invoice_goes_as_it_was_kept_and_a_reminder_when_it_is_due(): void
    {
        $order = self::polos()->refresh();
        $order->update(['agreed_cents' => 10_000]);
        $this->post("/orders/{$order->number}/invoices", ['form' => Str::uuid()->toString()])->assertSessionHas('done');
        $invoice = Invoice::query()->latest('id')->firstOrFail();
        $page = "/books/invoices/{$invoice->number}/letters";
        $this->get("{$page}/invoice")
            ->assertOk()
            ->assertSee("invoice-{$invoice->number}.pdf")
            ->assertSee("Invoice {$invoice->number}");
        $this->get("{$page}/reminder")->assertSessionHas('problem');
        $to = $this->address();
        $this->post("{$page}/invoice", self::typed(['to' => $to]))->assertSessionHas('done');
        $this->deliver(Letter::query()->sole());
        self::assertSame(KeptPaper::of($invoice), $this->unpacked($this->mailTo($to)[0], "invoice-{$invoice->number}.pdf"));

        $this->travelTo(($invoice->due_on ?? self::fail())->addDays(2));
        $this->get("{$page}/reminder")->assertOk()->assertSee('is still open');
        $to = $this->address();
        $this->post("{$page}/reminder", self::typed(['to' => $to]))->assertSessionHas('done');
        $this->deliver(Letter::query()->latest('id')->firstOrFail());
        $pdf = $this->unpacked($this->mailTo($to)[0], "reminder-{$invoice->number}.pdf");
        self::assertStringContainsString(
            (string) $invoice->number,
            (new Process(['pdftotext', '-', '-'], input: $pdf))->mustRun()->getOutput(),
        );
    }

    #[Test]
    public function the_link_to_approve_goes_in_the_language_of_the_customer(): void
    {
        $order = self::polos()->refresh();
        $order->customer->update(['language' => 'es']);
        $this->get("/orders/{$order->number}/letters/approve")->assertSessionHas('problem');
        $this->post("/orders/{$order->number}/approvals", ['form' => Str::uuid()->toString()]);
        $this->get("/orders/{$order->number}/letters/approve")
            ->assertOk()
            ->assertSee('Tu pedido')
            ->assertSee(Approval::query()->firstOrFail()->token);
    }

    #[Test]
    public function the_usual_ones_go_by_themselves_where_the_house_wants_that_and_once(): void
    {
        $order = self::polos()->refresh();
        $order->update(['received_at' => now()->subHour()]);
        Order::query()->where('id', '!=', $order->id)->update(['received_at' => now()->subDays(3)]);
        $order->customer->update(['email' => 'choir@example.com']);
        Event::dispatch(new MinutePassed());
        self::assertSame(0, Letter::query()->count(), 'they are opened first, unless the house says otherwise');
        app(RuleChange::class)->set([], [Question::Letters->value => 'by_themselves']);
        self::outdate();
        $order->update(['received_at' => now()->subDays(2)]);
        Event::dispatch(new MinutePassed());
        self::assertSame(0, Letter::query()->where('kind', 'received')->count(), 'what came before is not written of');
        $order->update(['received_at' => now()->subHour()]);
        Event::dispatch(new MinutePassed());
        Event::dispatch(new MinutePassed());
        $letter = Letter::query()->where('order_id', $order->id)->sole();
        self::assertSame(['received', 'choir@example.com'], [$letter->kind->value, $letter->to]);
        $order->update(['cancelled_at' => now()]);
        $letter->delete();
        Event::dispatch(new MinutePassed());
        self::assertSame(0, Letter::query()->where('order_id', $order->id)->count());
    }

    /**
     * @param array<string, string> $with
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(Order $order, array $with): TestResponse
    {
        return $this->post("/orders/{$order->number}/letters/received", self::typed($with));
    }

    /**
     * @param array<string, string> $with
     *
     * @return array<string, string>
     */
    private static function typed(array $with): array
    {
        return [
            'form' => Str::uuid()->toString(),
            'to' => 'ida@example.com',
            'subject' => 'Now then',
            'text' => 'Hello',
            ...$with,
        ];
    }

    private function deliver(Letter $letter): void
    {
        $this->app?->call([new SendLetter($letter->id), 'handle']);
    }

    private function through(string $server): void
    {
        config(['shop.smtp' => $server, 'mail.mailers.smtp.url' => $server]);
        app('mail.manager')->purge('smtp');
        app()->forgetInstance('mailer');
    }

    /** One that nobody had before. */
    private function address(): string
    {
        return bin2hex(random_bytes(6)).'@example.com';
    }

    /** @return list<string> */
    private function mailTo(string $address): array
    {
        return array_values(array_filter(
            array_map(
                static fn(string $file): string => (string) file_get_contents($file),
                glob(config('shop.mailbox').'/*.eml') ?: [],
            ),
            static fn(string $mail): bool => str_contains($mail, "To: {$address}\r\n"),
        ));
    }

    /** A file that went with it, as a program that knows nothing of the shop takes it out. */
    private function unpacked(string $mail, string $name): string
    {
        $folder = sys_get_temp_dir().'/letter-'.bin2hex(random_bytes(6));
        mkdir($folder);
        try {
            (new Process(['munpack', '-q', '-C', $folder], input: $mail))->mustRun();

            return (string) file_get_contents("{$folder}/{$name}");
        } finally {
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
    }

    /** @return array{Process, int} a server that takes a letter and is gone */
    private static function breaksOff(): array
    {
        $breaks = new Process([PHP_BINARY, '-r', <<<'PHP'
            $door = stream_socket_server('tcp://127.0.0.1:0');
            echo parse_url('tcp://'.stream_socket_get_name($door, false), PHP_URL_PORT), "\n";
            $peer = stream_socket_accept($door, 20);
            fwrite($peer, "220 here\r\n");
            while (($line = fgets($peer)) !== false) {
                if (rtrim($line) === '.') exit;
                if (preg_match('/^DATA/', $line)) fwrite($peer, "354 go on\r\n");
                elseif (preg_match('/^(EHLO|MAIL|RCPT)/', $line)) fwrite($peer, "250 ok\r\n");
            }
            PHP]);
        $breaks->start();
        $breaks->waitUntil(static fn(string $type, string $said): bool => str_contains($said, "\n"));

        return [$breaks, (int) $breaks->getOutput()];
    }
}
