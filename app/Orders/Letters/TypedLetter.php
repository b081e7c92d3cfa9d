<?php

declare(strict_types=1);

namespace App\Orders\Letters;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A letter as somebody changed it before they sent it. */
final readonly class TypedLetter
{
    private function __construct(public string $form, public string $to, public string $subject, public string $text) {}

    /** @throws ValidationException */
    public static function of(Request $request, Postbox $postbox): self
    {
        $request->validate([
            'form' => ['required', 'uuid'],
            // One address: what holds a comma or a line more goes to nobody else.
            'to' => ['bail', 'required', 'string', 'max:254', 'email:rfc', self::sendable($postbox)],
            'subject' => ['required', 'string', 'max:200', 'not_regex:/[\r\n]/'],
            'text' => ['required', 'string', 'max:10000'],
        ], [
            'form.*' => __('money.invoice_controller.reload_the_page'),
            'to.required' => __('letters.page.not_an_address'),
            'to.string' => __('letters.page.not_an_address'),
            'to.max' => __('letters.page.not_an_address'),
            'to.email' => __('letters.page.not_an_address'),
            'subject.*' => __('letters.page.say_something'),
            'text.*' => __('letters.page.say_something'),
        ]);

        return new self(
            $request->string('form')->lower()->value(),
            $request->string('to')->trim()->value(),
            $request->string('subject')->trim()->value(),
            str_replace("\r\n", "\n", $request->string('text')->trim()->value()),
        );
    }

    private static function sendable(Postbox $postbox): Closure
    {
        return static function (string $at, mixed $value, Closure $fail) use ($postbox): void {
            if (! $postbox->isReady()) {
                $fail(Postbox::hasServer() ? __('letters.page.say_no_sender') : __('letters.page.say_no_server'));
            }
        };
    }
}
