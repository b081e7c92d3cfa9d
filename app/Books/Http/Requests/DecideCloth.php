<?php

declare(strict_types=1);

namespace App\Books\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use Hakama\Garment\Fabric;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was learned of one cloth is taken, left, or taken back. */
final class DecideCloth extends FormRequest
{
    use ReadsChoices;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'fabric' => ['required', Rule::enum(Fabric::class)],
            'do' => ['required', Rule::in(['take', 'leave', 'back'])],
            'offered' => ['nullable', 'numeric', 'between:0,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => __('books.decide_cloth.reload_the_page_and_choose_again')];
    }

    public function fabric(): Fabric
    {
        return $this->chosen('fabric', Fabric::class);
    }
}
