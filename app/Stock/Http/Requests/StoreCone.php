<?php

declare(strict_types=1);

namespace App\Stock\Http\Requests;

use App\Foundation\Words\Words;
use Hakama\Thread\ShelfRow;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** One cone as it is typed: a new thread, another cone, or what is left on one. */
final class StoreCone extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                foreach (ShelfRow::problems($this->cells()) as $field => $what) {
                    $validator->errors()->add($field, Words::say($what));
                }
            },
        ];
    }

    public function row(): ShelfRow
    {
        return ShelfRow::of($this->cells());
    }

    /** @return array<string, string> */
    private function cells(): array
    {
        return array_map(
            static fn(mixed $cell): string => is_scalar($cell) ? (string) $cell : '',
            $this->only(ShelfRow::COLUMNS),
        );
    }
}
