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
            'length' => $this->isRoll() ? CountBacking::METRES : CountBacking::LENGTH,
            'count' => CountBacking::COUNT,
            'gsm' => ['nullable', 'integer', 'between:10,300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => __('setup.add_backing.choose_the_kind'),
            'form.*' => __('setup.add_backing.choose_off_cut_piece_or_roll'),
            'gsm.*' => __('setup.add_backing.weight_10_to_300_g_m2'),
            'width.*' => __('setup.add_backing.width_20_to_3000_mm'),
            ...CountBacking::words(),
            ...$this->isRoll() ? ['length.*' => __('setup.count_backing.metres')] : [],
        ];
    }

    /** Rolls are said in metres, what is cut in millimetres. */
    private function isRoll(): bool
    {
        return $this->input('form') === StockForm::Roll->value;
    }

    public function stock(): BackingSupply
    {
        return new BackingSupply(
            'new',
            $this->chosen('kind', Backing::class),
            $this->chosen('form', StockForm::class),
            $this->float('width'),
            $this->isRoll() ? 1000 * $this->float('length') : $this->float('length'),
            $this->integer('count'),
            $this->filled('gsm') ? $this->integer('gsm') : null,
        );
    }
}
