<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Money\AskedWork;
use App\Shop\House;
use Closure;
use Hakama\Garment\Fabric;
use Hakama\Money\Amount;
use Hakama\Money\Coverage;
use Hakama\Money\SaidDesign;
use Hakama\Money\StitchGuess;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A question on the telephone: so many garments, a design of about that size, what would it cost. */
final class AskQuote extends FormRequest
{
    public const AMOUNTS = ['width', 'height', 'width_2', 'height_2', 'blank', 'worth', 'artwork'];
    /** Lengths, in the units of whoever asks. */
    public const LENGTHS = ['width', 'height', 'width_2', 'height_2'];
    private const LEAST_MM = 3;
    private const MOST_MM = 600;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pieces' => ['required', 'integer', 'between:1,5000'],
            'stitches' => ['nullable', 'integer', 'between:50,300000'],
            'width' => ['nullable', 'required_without:stitches', self::length(...)],
            'height' => ['nullable', 'required_without:stitches', self::length(...)],
            'fill' => ['nullable', 'required_without:stitches', Rule::enum(Coverage::class)],
            'colours' => ['required', 'integer', 'between:1,15'],
            'places' => ['required', 'integer', 'between:1,4'],
            'blank' => ['nullable', 'numeric', 'between:0,10000'],
            'stitches_2' => ['nullable', 'integer', 'between:50,300000'],
            'width_2' => ['nullable', 'required_with:height_2', self::length(...)],
            'height_2' => ['nullable', 'required_with:width_2', self::length(...)],
            'fill_2' => ['nullable', Rule::enum(Coverage::class)],
            'colours_2' => ['nullable', 'integer', 'between:1,15'],
            'places_2' => ['nullable', 'integer', 'between:1,4'],
            'fabric' => ['nullable', Rule::enum(Fabric::class)],
            'worth' => ['nullable', 'numeric', 'between:0,10000'],
            'artwork' => ['nullable', 'numeric', 'between:0,10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pieces.*' => __('money.ask_quote.quantity_a_whole_number_from_1'),
            'stitches.*' => __('money.ask_quote.stitches_50_to_300_000_or'),
            ...self::lengthMessages(),
            'fill.*' => __('money.ask_quote.choose_the_coverage_or_enter_the'),
            'colours.*' => __('money.ask_quote.colours_1_to_15'),
            'places.*' => __('money.ask_quote.decorations_1_to_4'),
            'stitches_2.*' => __('money.ask_quote.stitches_of_the_second_design_50'),
            'fill_2.*' => __('money.ask_quote.choose_the_coverage_of_the_second'),
            'colours_2.*' => __('money.ask_quote.colours_of_the_second_design_1'),
            'places_2.*' => __('money.ask_quote.positions_of_the_second_design_1'),
            'fabric.*' => __('money.ask_quote.choose_a_cloth_or_leave_it'),
            'blank.*' => __('money.ask_quote.enter_the_blank_cost_as_an'),
            'worth.*' => __('money.ask_quote.enter_the_garment_value_as_an'),
            'artwork.*' => __('money.ask_quote.enter_the_artwork_fee_as_an'),
        ];
    }

    /** @return array<string, string> */
    private static function lengthMessages(): array
    {
        $units = app(House::class)->units();
        $between = ['least' => $units->figure(self::LEAST_MM), 'most' => $units->said(self::MOST_MM)];

        return [
            'width.*' => __('money.ask_quote.enter_the_design_width_3_to', $between),
            'height.*' => __('money.ask_quote.enter_the_design_height_3_to', $between),
            'width_2.*' => __('money.ask_quote.enter_the_width_of_the_second', $between),
            'height_2.*' => __('money.ask_quote.enter_the_height_of_the_second', $between),
        ];
    }

    private static function length(string $field, mixed $value, Closure $fail): void
    {
        $mm = is_scalar($value) ? app(House::class)->units()->read((string) $value) : null;
        if ($mm === null || $mm < self::LEAST_MM || $mm > self::MOST_MM) {
            $fail(self::lengthMessages()["{$field}.*"]);
        }
    }

    /** @return float 0 where nothing is typed */
    private function mm(string $field): float
    {
        return app(House::class)->units()->read($this->string($field)->value()) ?? 0.0;
    }

    /** @param float $perCm2 stitches of what is filled */
    public function asked(float $perCm2): AskedWork
    {
        $cents = fn(string $field): int => (int) Amount::read($this->string($field)->value());

        return new AskedWork(
            [
                $this->design('', $perCm2),
                ...$this->filled('stitches_2') || $this->filled('width_2') ? [$this->design('_2', $perCm2)] : [],
            ],
            $this->integer('pieces'),
            $this->enum('fabric', Fabric::class),
            $cents('blank'),
            $this->filled('worth') ? $cents('worth') : $cents('blank'),
            $cents('artwork'),
        );
    }

    private function design(string $which, float $perCm2): SaidDesign
    {
        [$width, $height] = [$this->mm("width{$which}"), $this->mm("height{$which}")];

        return new SaidDesign(
            $this->filled("stitches{$which}")
                ? StitchGuess::known($this->integer("stitches{$which}"))
                : StitchGuess::of($width, $height, $this->enum("fill{$which}", Coverage::class) ?? Coverage::Half, $perCm2),
            max(1, $this->integer("colours{$which}")),
            max(1, $this->integer("places{$which}")),
            $width,
            $height,
        );
    }
}
