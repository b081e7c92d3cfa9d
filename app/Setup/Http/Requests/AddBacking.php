<?php

declare(strict_types=1);

namespace App\Setup\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\BackingSupply;
use Hakama\Setup\Backing\StockForm;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Backing that comes onto the shelf. */
final class AddBacking extends FormRequest
{
    use ReadsChoices;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(Backing::class)],
            'form' => ['required', Rule::enum(StockForm::class)],
            'width' => ['required', 'numeric', 'between:20,3000'],
            'length' => CountBacking::LENGTH,
            'count' => CountBacking::COUNT,
            'gsm' => ['nullable', 'integer', 'between:10,300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Choose the kind.',
            'form.*' => 'Off-cut, piece or roll.',
            'gsm.*' => 'Weight is 10 to 300 g/m².',
            'width.*' => 'Width is 20 to 3000 mm.',
            ...CountBacking::WORDS,
        ];
    }

    public function stock(): BackingSupply
    {
        return new BackingSupply(
            'new',
            $this->chosen('kind', Backing::class),
            $this->chosen('form', StockForm::class),
            $this->float('width'),
            $this->float('length'),
            $this->integer('count'),
            $this->filled('gsm') ? $this->integer('gsm') : null,
        );
    }
}
