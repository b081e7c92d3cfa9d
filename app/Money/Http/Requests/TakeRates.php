<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Money\Queries\RateList;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;
use InvalidArgumentException;

/** A file with the price list, or with what an hour and a metre cost. */
final class TakeRates extends FormRequest
{
    private ?RateList $list = null;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['list' => ['required', 'file', 'max:512']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.required' => __('money.take_rates.choose_a_file'),
            'list.max' => __('money.take_rates.the_file_is_larger_than_half'),
            'list.*' => __('money.take_rates.the_file_did_not_arrive'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $file = $this->file('list');
                if ($validator->errors()->isNotEmpty() || ! $file instanceof UploadedFile) {
                    return;
                }
                try {
                    $this->list = RateList::read((string) $file->getRealPath());
                } catch (InvalidArgumentException $e) {
                    $validator->errors()->add('list', __('money.take_rates.nothing_was_imported', [
                        'get_message' => $e->getMessage(),
                    ]));
                }
            },
        ];
    }

    public function list(): RateList
    {
        assert($this->list !== null);

        return $this->list;
    }
}
