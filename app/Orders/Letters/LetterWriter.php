<?php

declare(strict_types=1);

namespace App\Orders\Letters;

use App\Foundation\ShopProfile;
use App\Orders\Messages;
use App\Orders\Models\Approval;
use App\Orders\Models\Customer;
use App\Orders\Models\Order;
use App\Orders\Queries\OrderedGarments;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;

/** Writes what an order gives to write, in the language of its customer. */
final readonly class LetterWriter
{
    public function __construct(private ShopProfile $premises, private PlanBoard $board, private House $house) {}

    /** Null where there is nothing of that kind to say now. */
    public function draft(Order $order, LetterKind $kind): ?DraftLetter
    {
        $order->loadMissing(['customer', 'lines']);

        return $this->premises->writeTo($order->customer->language, function () use ($order, $kind): ?DraftLetter {
            $body = $kind === LetterKind::Approve ? $this->toApprove($order) : $this->all($order)[$kind->value] ?? null;

            return $body === null
                ? null
                : new DraftLetter($kind, self::to($order->customer), $kind->subject($order->number), $body);
        });
    }

    /** Where they are written to: themselves, else the first of theirs who can be. */
    public static function to(Customer $customer): string
    {
        $all = array_filter(
            [$customer->email, ...array_column($customer->contacts ?? [], 'email')],
            static fn(string $one): bool => $one !== '',
        );

        return array_values($all)[0] ?? '';
    }

    /** @return array<string, string> kind => text */
    private function all(Order $order): array
    {
        $garments = OrderedGarments::of($order);

        return Messages::of(
            $order,
            $this->premises->shop()->name,
            $this->house->rules(),
            $this->board->orderEnds($order->id, $garments->pieces - $garments->piecesDone),
            $garments->piecesDone,
            $garments->pieces,
        );
    }

    private function toApprove(Order $order): ?string
    {
        $open = Approval::query()->where('order_id', $order->id)->latest('id')->first(Approval::LISTED);

        return $open === null || ! $open->isOpen()
            ? null
            : Messages::letter(
                $order,
                $this->premises->shop()->name,
                __('letters.body.approve', ['number' => (string) $order->number]),
                $open->address(),
                __('letters.body.approve_too'),
            );
    }
}
