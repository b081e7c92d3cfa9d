<?php

declare(strict_types=1);

namespace App\Orders\Approvals;

use App\Foundation\Database\Transaction;
use App\Orders\Models\Approval;
use App\Orders\Models\Order;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;

/** Links that customers are sent, and what they say by them: an answer is given once and never changed. */
final readonly class ApprovalBook
{
    private const BYTES = 24;

    public function __construct(private ToApprove $toApprove, private House $house) {}

    /**
     * A new link; one that waited for an answer till now is good no more.
     *
     * @return Approval|null null where the order is cancelled
     */
    public function ask(Order $order, string $form, string $who): ?Approval
    {
        return Transaction::run(function () use ($order, $form, $who): ?Approval {
            $same = Approval::query()->where('form_id', $form)->first();
            if ($same !== null) {
                return $same;
            }
            if (Order::query()->whereKey($order->id)->whereNotNull('cancelled_at')->exists()) {
                return null;
            }
            $now = CarbonImmutable::now();
            self::close($order);
            $token = bin2hex(random_bytes(self::BYTES));
            $shown = $this->toApprove->of($order)->written();
            ChangeLog::note(Change::ORDER, (string) $order->number, __('approval.log.asked'));

            return Approval::query()->create([
                'order_id' => $order->id,
                'form_id' => $form,
                'token' => $token,
                'token_hash' => Approval::hash($token),
                'shown' => $shown,
                'shown_hash' => hash('sha256', $shown),
                'who' => mb_substr($who, 0, 40),
                'made_at' => $now,
                'expires_at' => $now->addDays((int) $this->house->rules()->value(HouseRule::ApprovalDays)),
            ]);
        });
    }

    public static function withdraw(Approval $approval): void
    {
        Transaction::run(static function () use ($approval): void {
            $open = Approval::query()->whereKey($approval->id)->whereNull('withdrawn_at')->first();
            if ($open !== null) {
                $open->update(['withdrawn_at' => CarbonImmutable::now()]);
                ChangeLog::note(Change::ORDER, (string) $open->order->number, __('approval.log.withdrawn'));
            }
        });
    }

    /** Nobody answers any more what was asked of an order till now. */
    public static function close(Order $order): void
    {
        Transaction::run(static fn() => Approval::query()
            ->where('order_id', $order->id)
            ->whereNull('answer')
            ->whereNull('withdrawn_at')
            ->update(['withdrawn_at' => CarbonImmutable::now()]));
    }

    /** @return bool false where it was answered before, or is over */
    public static function answer(Approval $approval, ApprovalAnswer $answer, string $name, string $wish): bool
    {
        return Transaction::run(static function () use ($approval, $answer, $name, $wish): bool {
            $asked = Approval::query()->with('order.customer')->findOrFail($approval->id);
            if (! $asked->isOpen()) {
                return false;
            }
            $asked->update([
                'answer' => $answer,
                'answered_by' => $name,
                'wish' => $answer === ApprovalAnswer::Change ? $wish : null,
                'answered_at' => CarbonImmutable::now(),
            ]);
            ChangeLog::note(
                Change::ORDER,
                (string) $asked->order->number,
                __("approval.log.{$answer->value}", ['name' => $name, 'wish' => $wish]),
            );

            return true;
        });
    }
}
