<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Orders\Letters\DraftLetter;
use App\Orders\Letters\LetterBook;
use App\Orders\Letters\LetterKind;
use App\Orders\Letters\LetterWriter;
use App\Orders\Letters\OpenedLetter;
use App\Orders\Letters\Postbox;
use App\Orders\Letters\TypedLetter;
use App\Orders\Models\Letter;
use App\Orders\Models\Order;
use App\People\Caller;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Letters about an order: opened, changed, sent. */
final class LetterController
{
    public function open(Order $order, LetterKind $kind, LetterWriter $writer): View|RedirectResponse
    {
        $draft = $writer->draft($order, $kind);

        return $draft === null
            ? self::nothing($order)
            : view('orders.letter', OpenedLetter::of($order, $draft, route('orders.letters.send', [$order, $kind])));
    }

    public function send(Request $request, Order $order, LetterKind $kind, Postbox $postbox): RedirectResponse
    {
        abort_if($kind->isOfInvoice(), 404);
        $typed = TypedLetter::of($request, $postbox);
        $draft = (new DraftLetter($kind, '', '', ''))->typed($typed);
        LetterBook::write($order, $draft, $typed->form, Caller::acting($request));

        return redirect()->route('orders.story', $order)->with('done', __('letters.page.sent_to', [
            'kind' => $kind->label(),
            'to' => $typed->to,
        ]));
    }

    /** One that did not arrive, to the same address or a better one. */
    public function again(Request $request, Letter $letter): RedirectResponse
    {
        $to = $request->validate(
            ['to' => ['required', 'string', 'max:254', 'email:rfc']],
            ['to.*' => __('letters.page.not_an_address')],
        )['to'];
        $goes = LetterBook::again($letter, (string) $to);

        return redirect()->route('orders.story', $letter->order)->with(
            $goes ? 'done' : 'problem',
            $goes ? __('letters.page.goes_again', ['to' => $to]) : __('letters.page.on_its_way'),
        );
    }

    private static function nothing(Order $order): RedirectResponse
    {
        return redirect()->route('orders.story', $order)->with('problem', __('letters.page.nothing_to_say'));
    }
}
