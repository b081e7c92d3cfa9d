<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Orders\Letters\Postbox;
use Closure;
use Illuminate\Foundation\Http\FormRequest;

/** A letter as it was opened and changed. */
final class SendsLetter extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Postbox $postbox): array
    {
        return [
            'form' => ['required', 'uuid'],
            // One address: what holds a comma or a line more goes to nobody else.
            'to' => ['bail', 'required', 'string', 'max:254', 'email:rfc', static function (string $at, mixed $value, Closure $fail) use (
                $postbox,
            ): void {
                if (! $postbox->isReady()) {
                    $fail(Postbox::hasServer() ? __('letters.page.say_no_sender') : __('letters.page.say_no_server'));
                }
            }],
            'subject' => ['required', 'string', 'max:200', 'not_regex:/[\r\n]/'],
            'text' => ['required', 'string', 'max:10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'form.*' => __('money.invoice_controller.reload_the_page'),
            'to.required' => __('letters.page.not_an_address'),
            'to.string' => __('letters.page.not_an_address'),
            'to.max' => __('letters.page.not_an_address'),
            'to.email' => __('letters.page.not_an_address'),
            'subject.*' => __('letters.page.say_something'),
            'text.*' => __('letters.page.say_something'),
        ];
    }

    public function form(): string
    {
        return $this->string('form')->lower()->value();
    }

    /** @return array{string, string, string} to whom, about what, what */
    public function said(): array
    {
        return [
            $this->string('to')->trim()->value(),
            $this->string('subject')->trim()->value(),
            str_replace("\r\n", "\n", $this->string('text')->trim()->value()),
        ];
    }
}
