<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Money\Models\GivenQuote;
use App\Shop\House;
use Hakama\Money\QuoteState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A question on the telephone that is kept as a quote, or as a new version of one. */
final class KeepQuote extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...(new AskQuote())->rules(),
            'form' => ['required', 'uuid'],
            'customer' => ['required', 'string', 'max:120'],
            'of' => ['nullable', 'integer', Rule::exists('kept_quotes', 'id')->where('state', QuoteState::Open->value)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...(new AskQuote())->messages(),
            'customer.*' => __('money.keep_quote.choose_the_customer'),
            'of.*' => __('money.keep_quote.that_quote_is_already_answered_save'),
        ];
    }

    public function question(): AskQuote
    {
        return AskQuote::createFrom($this);
    }

    /** @return array<string, string> field => what was typed; lengths with their unit, as others measure in another */
    public function asked(): array
    {
        $typed = array_map(
            strval(...),
            array_filter(
                $this->only(array_keys((new AskQuote())->rules())),
                static fn(mixed $value): bool => is_scalar($value) && $value !== '',
            ),
        );
        $unit = app(House::class)->units()->label();
        foreach (array_intersect_key($typed, array_flip(AskQuote::LENGTHS)) as $field => $length) {
            $typed[$field] = preg_match('~\d\s*$~', $length) === 1 ? trim($length)." {$unit}" : $length;
        }

        return $typed;
    }

    /** Back to the question as it was asked, so that nothing typed is lost. */
    protected function getRedirectUrl(): string
    {
        return route(
            'orders.ask',
            array_filter([
                ...$this->asked(),
                'of' => is_scalar($this->input('of')) ? (string) $this->input('of') : null,
            ], static fn(mixed $one): bool => $one !== null && $one !== ''),
        );
    }

    public function before(): ?GivenQuote
    {
        return GivenQuote::query()->find($this->integer('of'));
    }
}
