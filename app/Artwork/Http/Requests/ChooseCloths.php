<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\StateHash;
use App\Stock\Models\Cloth;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Which cloth is laid under each block, by code; none takes it away. */
final class ChooseCloths extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'cloths' => ['required', 'array'],
            'cloths.*' => ['bail', 'nullable', 'string', Rule::exists('cloths', 'code')],
            'seen' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['cloths.*' => __('artwork.choose_cloths.choose_a_cloth_from_stock')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $artwork = $this->route('artwork');
                assert($artwork instanceof Artwork);
                if ($this->filled('seen') && $this->string('seen')->value() !== self::sign($artwork)) {
                    $validator->errors()->add('cloths', __('artwork.choose_cloths.somebody_else_changed_the_cloths'));
                }
            },
        ];
    }

    public static function sign(Artwork $artwork): string
    {
        return StateHash::of(
            $artwork->blocks->map(static fn(ArtworkBlock $block): array => [$block->number, $block->cloth_id])->all(),
        );
    }

    /** @return array<int, int|null> block => cloth */
    public function cloths(): array
    {
        $ids = Cloth::query()->pluck('id', 'code');
        $cloths = [];
        foreach ($this->array('cloths') as $number => $code) {
            $cloths[(int) $number] = is_string($code) ? (int) $ids[$code] : null;
        }

        return $cloths;
    }
}
