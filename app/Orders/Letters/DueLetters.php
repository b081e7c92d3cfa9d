<?php

declare(strict_types=1);

namespace App\Orders\Letters;

use App\Orders\Models\Order;
use App\Shop\House;
use Hakama\House\Question;
use Illuminate\Database\Eloquent\Collection;
use Ramsey\Uuid\Uuid;

/** Letters that nobody opens before: each is written once for what it is about, however often it is looked for. */
final readonly class DueLetters
{
    /** More wait a minute. */
    public const AT_ONCE = 50;

    public function __construct(private House $house, private Postbox $postbox, private LetterWriter $writer) {}

    public function areWanted(): bool
    {
        return $this->postbox->isReady() && $this->house->rules()->school(Question::Letters) === 'by_themselves';
    }

    /** @param Collection<int, Order> $orders */
    public function write(LetterKind $kind, Collection $orders): void
    {
        foreach ($orders as $order) {
            $draft = $this->writer->draft($order, $kind);
            if ($draft !== null) {
                self::once($order, $draft, $order->number);
            }
        }
    }

    /** @param int $about the number of the order or of the invoice */
    public static function once(Order $order, DraftLetter $draft, int $about): void
    {
        if ($draft->to !== '') {
            $form = Uuid::uuid5(Uuid::NAMESPACE_OID, "letter/{$draft->kind->value}/{$about}")->toString();
            LetterBook::write($order, $draft, $form, '');
        }
    }
}
