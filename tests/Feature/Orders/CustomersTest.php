<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Money\Models\Invoice;
use App\Money\Queries\OrderAccounts;
use App\Orders\CustomerCards;
use App\Orders\Models\Customer;
use App\Orders\Models\Order;
use App\Shop\Models\Change;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Sabre\VObject\Reader;
use Tests\Feature\FeatureTestCase;

/** A customer is one page: who, where, what they ordered and owe; changed, merged, out and in as lists. */
final class CustomersTest extends FeatureTestCase
{
    private const ADDRESS = [
        'street' => 'Żółć Lane 4',
        'more' => '',
        'postcode' => '10-201',
        'city' => 'Ullenmere',
        'region' => '',
        'country' => 'PL',
    ];
    private const NO_EMAIL = 'Enter an e-mail address such as office@school.example.';

    #[Test]
    public function one_is_entered_changed_and_shown_with_all_that_belongs_to_them(): void
    {
        $this->get('/customers/new')->assertOk()->assertSee('New customer');
        $this->sendNew(['name' => 'Weir Wardens', 'email' => 'not one'])
            ->assertSessionHasErrors(['email' => self::NO_EMAIL]);
        self::assertNull(Customer::query()->firstWhere('name', 'Weir Wardens'), 'nothing is half entered');
        $this->sendNew([
            'name' => 'Weir Wardens',
            'email' => 'desk@weir.example',
            'tax_number' => 'PL1234567890',
            'terms_days' => '21',
            'discount_percent' => '7.5',
            'invoice_address' => self::ADDRESS,
            'contacts' => [['name' => '山 Sato', 'phone' => '0555 9'], ['name' => '', 'phone' => '']],
        ])->assertSessionHasNoErrors();
        $customer = Customer::query()->where('name', 'Weir Wardens')->firstOrFail();
        self::assertSame([21, 7.5], [$customer->terms_days, $customer->discount_percent]);
        self::assertCount(1, $customer->contacts ?? []);
        $this->get("/customers/{$customer->id}")
            ->assertOk()
            ->assertSee('Żółć Lane 4')->assertSee('10-201 Ullenmere')->assertSee('Poland')
            ->assertSee('山 Sato')->assertSee('7.5')
            ->assertSee('21 days')->assertSee('No order yet')->assertSee('Nothing is open.');
        $this->get('/customers?q=weir')->assertSee('Weir Wardens')->assertSee('desk@weir.example');
        $this->get('/customers?q=nobody+at+all')->assertSee('No customer matches.');

        // The same name twice is not two customers, whoever sends it.
        $this->sendNew(['name' => 'weir wardens'])->assertSessionHasErrors('name');
    }

    #[Test]
    public function what_somebody_else_changed_is_not_overwritten(): void
    {
        $customer = $this->customer();
        $seen = $this->seen($customer);
        $customer->update(['phone' => '0555 77']);
        $address = "/customers/{$customer->id}";
        $typed = ['name' => $customer->name, 'note' => 'rings twice'];
        $this->put($address, [...$typed, 'seen' => $seen])->assertSessionHasErrors('seen');
        self::assertSame('0555 77', $customer->refresh()->phone);
        self::assertSame('', $customer->note);

        $whole = [...$typed, 'phone' => '0555 77', 'seen' => $this->seen($customer)];
        $this->put($address, $whole)->assertSessionHasNoErrors();
        self::assertSame('rings twice', $customer->refresh()->note);
        // Sent once more it is the same, and noted once.
        $this->put($address, $whole)->assertSessionHasNoErrors();
        $noted = Change::query()->where('kind', Change::CUSTOMER)->where('thing', $customer->name);
        self::assertSame(1, $noted->where('after->note', 'rings twice')->count());
    }

    #[Test]
    public function two_that_are_one_are_merged_with_their_orders(): void
    {
        $kept = $this->customer();
        $kept->update(['email' => 'kept@example.org', 'note' => 'first']);
        $double = Customer::query()->create([
            'name' => 'Same Again',
            'email' => 'gone@example.org',
            'phone' => '0555 1',
            'note' => 'second',
            'late_weight' => 3,
            'contacts' => [['name' => 'Ada', 'role' => '', 'email' => '', 'phone' => '']],
        ]);
        $number = self::polos()->number;
        $order = Order::query()->where('number', $number)->firstOrFail();
        $order->update(['customer_id' => $double->id]);
        $had = $kept->orders()->count();

        $address = "/customers/{$kept->id}/merge";
        $this->get("{$address}?double=Nobody")->assertSee('No other customer is called Nobody.');
        $this->get("{$address}?double=Same+Again")->assertSee('Goes: Same Again')->assertSee('This cannot be undone.');
        $this->post($address, ['double' => $double->id])->assertSessionHas('done');
        $kept->refresh();
        self::assertSame($had + 1, $kept->orders()->count());
        self::assertSame($kept->id, $order->refresh()->customer_id);
        self::assertSame(['kept@example.org', '0555 1'], [$kept->email, $kept->phone]);
        self::assertSame(["first\nsecond", 3.0], [$kept->note, $kept->late_weight]);
        self::assertSame('Ada', $kept->contacts[count($kept->contacts) - 1]['name'] ?? null);
        self::assertNull($double->fresh());
        $this->post($address, ['double' => $double->id])->assertSessionHas('problem');
        $this->post($address, ['double' => $kept->id])->assertSessionHas('problem');
        self::assertNotNull($kept->fresh(), 'never merged into itself');
    }

    #[Test]
    public function lists_go_out_and_come_in_whole_or_not_at_all(): void
    {
        $this->sendNew(['name' => 'Weir "Wardens", Ltd', 'phone' => '=1+1', 'invoice_address' => self::ADDRESS]);
        $csv = $this->get('/customers/customers.csv')->assertOk()->streamedContent();
        self::assertStringContainsString('"Weir ""Wardens"", Ltd"', $csv);
        self::assertStringContainsString("'=1+1", $csv, 'a spreadsheet program runs nothing');
        $all = Customer::query()->orderBy('id')->get()->toArray();
        $this->read($csv, 'customers.csv')->assertSessionHasNoErrors();
        self::assertSame($all, Customer::query()->orderBy('id')->get()->toArray(), 'what went out comes in as it was');

        $this->read("name,shoe size\nA,1\n", 'a.csv')->assertSessionHasErrors('list');
        $this->read("name,email\nBrand New,new@example.org\nOther,nonsense\n", 'a.csv')
            ->assertSessionHasErrors(['list' => 'Row 3: '.self::NO_EMAIL]);
        self::assertNull(Customer::query()->firstWhere('name', 'Brand New'), 'nothing of it was taken');
        $this->read("name,phone\nBrand New,0555 3\n", 'a.csv')->assertSessionHasNoErrors();
        $this->read("name,email\nBRAND NEW,new@example.org\n", 'a.csv')->assertSessionHasNoErrors();
        $new = Customer::query()->where('name', 'Brand New')->get();
        self::assertCount(1, $new);
        self::assertSame('new@example.org', $new[0]->email);
        self::assertSame('0555 3', $new[0]->phone, 'columns that are not in it stay');
    }

    #[Test]
    public function address_cards_are_read_by_another_reader_and_read_back(): void
    {
        $this->sendNew(['name' => 'Weir; Wardens', 'note' => "two\nlines", 'invoice_address' => self::ADDRESS]);
        $customer = Customer::query()->where('name', 'Weir; Wardens')->firstOrFail();
        $card = (string) $this->get("/customers/{$customer->id}/card.vcf")->assertOk()->getContent();
        $read = Reader::read($card);
        self::assertSame([], array_filter($read->validate(), static fn(array $one): bool => $one['level'] > 2));
        self::assertSame('Weir; Wardens', (string) ($read->select('FN')[0] ?? ''));
        $all = $this->get('/customers/customers.vcf')->streamedContent();
        self::assertSame(Customer::query()->count(), substr_count($all, 'BEGIN:VCARD'));
        $rows = CustomerCards::read($card);
        self::assertSame(self::ADDRESS, $rows[1]['invoice_address']);
        self::assertSame("two\nlines", $rows[1]['note']);

        // One as telephones write them: a person of a firm.
        $phone = "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Ada Lock\r\nORG:Lock Keepers;Upper\r\nTEL;TYPE=CELL:0555 8\r\n"
            ."ADR;TYPE=WORK:;;Lock 1;Ullenmere;;4811;The Lakes\r\nEND:VCARD\r\n";
        $this->read($phone, 'ada.vcf')->assertSessionHasNoErrors();
        $firm = Customer::query()->where('name', 'Lock Keepers')->firstOrFail();
        self::assertSame(['0555 8', 'Ada Lock'], [$firm->phone, $firm->contacts[0]['name'] ?? null]);
        self::assertSame(['Lock 1', ''], [$firm->invoiceAddress()->street, $firm->invoiceAddress()->country]);
        $this->read("BEGIN:VCARD\r\nFN broken", 'b.vcf')->assertSessionHasErrors('list');
    }

    #[Test]
    public function a_discount_comes_off_the_list_and_never_off_an_agreed_price(): void
    {
        $order = self::polos()->refresh();
        $money = app(OrderAccounts::class)->of($order);
        $list = (int) $money->listCents();
        $order->customer->update(['discount_percent' => 10]);
        $after = app(OrderAccounts::class)->of($order->fresh() ?? $order);
        self::assertSame((int) round($list * 0.9), $after->priceCents());
        $order->update(['agreed_cents' => 5000]);
        self::assertSame(5000, app(OrderAccounts::class)->of($order->fresh() ?? $order)->priceCents());
        self::assertSame(0, Invoice::query()->where('order_id', $order->id)->count());
    }

    private function seen(Customer $customer): string
    {
        $page = (string) $this->get("/customers/{$customer->id}/change")->getContent();
        preg_match('/name="seen" value="(\w+)"/', $page, $seen);

        return $seen[1] ?? '';
    }

    private function customer(): Customer
    {
        return Customer::query()->create(['name' => 'Weir Wardens '.Str::random(4)])->refresh();
    }

    /**
     * @param array<string, mixed> $typed
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function sendNew(array $typed): TestResponse
    {
        return $this->from('/customers/new')->post('/customers', $typed);
    }

    /**
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function read(string $bytes, string $name): TestResponse
    {
        return $this->from('/customers')->post('/customers/list', ['list' => self::upload($bytes, $name)]);
    }
}
