<?php

declare(strict_types=1);

namespace App\Setup\Http\Requests;

use App\Shop\House;
use Closure;
use Hakama\Garment\Size;
use Hakama\House\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Where a design goes on one size, as it was found; a comma in a number is a point. */
final class KeepPlacement extends FormRequest
{
    private const LEAST_MM = -400.0;
    private const MOST_DOWN_MM = 900.0;
    private const MOST_ACROSS_MM = 400.0;

    /** @var array<string, float|null> field => millimetres */
    private array $read = [];
    private Units $units;

    /** @return array<string, mixed> */
    public function rules(House $house): array
    {
        $this->units = $house->units();
        // What was typed stays as it is where it is no length, so that it comes back to the field.
        $this->read = [
            'down' => $this->units->read($this->string('down')->value()),
            'across' => $this->units->read($this->string('across')->value()),
        ];

        return [
            'size' => ['required', Rule::enum(Size::class)],
            'from' => ['nullable', 'in:usual,other'],
            'peg' => ['nullable', 'string', 'max:12'],
            'down' => ['required', 'string', $this->within('down', self::MOST_DOWN_MM)],
            'across' => ['required', 'string', $this->within('across', self::MOST_ACROSS_MM)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $units = $this->units;
        return [
            'size.*' => __('setup.keep_placement.choose_the_size'),
            'from.*' => __('setup.keep_placement.choose_the_end_it_was_measured'),
            'peg.*' => __('setup.keep_placement.a_peg_has_up_to_12'),
            'down.*' => __('setup.keep_placement.down_is_a_length_above_the', [
                'least' => $units->field(self::LEAST_MM),
                'value' => $units->said(self::MOST_DOWN_MM),
            ]),
            'across.*' => __('setup.keep_placement.across_is_a_length', [
                'least' => $units->field(self::LEAST_MM),
                'value' => $units->said(self::MOST_ACROSS_MM),
            ]),
        ];
    }

    /** @return Closure(string, mixed, Closure(string): void): void */
    private function within(string $field, float $mostMm): Closure
    {
        return function (string $attribute, mixed $value, Closure $fail) use ($field, $mostMm): void {
            $mm = $this->read[$field] ?? null;
            if ($mm === null || $mm < self::LEAST_MM || $mm > $mostMm) {
                $fail($this->messages()["{$field}.*"]);
            }
        };
    }

    public function size(): string
    {
        return $this->string('size')->value();
    }

    /** How far from the other end of a tube it was measured; null where it was measured as usual. */
    public function fromOtherEndMm(): ?float
    {
        return $this->string('from')->value() === 'other' ? $this->read['down'] : null;
    }

    /** @return array<string, mixed> columns of `kept_placements` that are measured */
    public function measures(): array
    {
        return [
            'peg' => trim($this->string('peg')->value()),
            'down_mm' => $this->read['down'],
            'across_mm' => $this->read['across'],
        ];
    }
}
