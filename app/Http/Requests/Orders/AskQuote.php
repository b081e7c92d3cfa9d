<?php

declare(strict_types=1);

namespace App\Http\Requests\Orders;

use Hakama\Money\Fill;
use Hakama\Money\Job;
use Hakama\Money\StitchGuess;
use Hakama\Money\Work;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A question on the telephone: so many garments, a design of about that size, what would it cost. */
final class AskQuote extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pieces' => ['required', 'integer', 'between:1,5000'],
            'stitches' => ['nullable', 'integer', 'between:50,300000'],
            'width' => ['nullable', 'required_without:stitches', 'numeric', 'between:3,600'],
            'height' => ['nullable', 'required_without:stitches', 'numeric', 'between:3,600'],
            'fill' => ['nullable', 'required_without:stitches', Rule::enum(Fill::class)],
            'colours' => ['required', 'integer', 'between:1,15'],
            'places' => ['required', 'integer', 'between:1,4'],
            'blank' => ['nullable', 'numeric', 'between:0,10000'],
            'worth' => ['nullable', 'numeric', 'between:0,10000'],
            'artwork' => ['nullable', 'numeric', 'between:0,10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pieces.*' => 'How many garments is a whole number, 1 to 5000.',
            'stitches.*' => 'Stitches are a whole number, 50 to 300 000; or leave it empty and say how large it is.',
            'width.*' => 'How wide the design is, 3 to 600 mm, or its stitches.',
            'height.*' => 'How high the design is, 3 to 600 mm, or its stitches.',
            'fill.*' => 'Say how much of it is filled, or its stitches.',
            'colours.*' => 'Colours are a whole number, 1 to 15.',
            'places.*' => 'Places are 1 to 4.',
            'blank.*' => 'What the shop pays for one garment is an amount, such as 7.80.',
            'worth.*' => 'What one garment is worth is an amount, such as 24.50.',
            'artwork.*' => 'What the artwork costs is an amount.',
        ];
    }

    /** Null where the stitches are said. */
    public function guess(float $perCm2): ?StitchGuess
    {
        $fill = $this->enum('fill', Fill::class);

        return $this->filled('stitches') || $fill === null
            ? null
            : StitchGuess::of($this->float('width'), $this->float('height'), $fill, $perCm2);
    }

    /** @param callable(int, int): Work $work of so many stitches in so many colours */
    public function job(int $stitches, callable $work): Job
    {
        $cents = fn(string $field): int => (int) round(100 * $this->float($field));
        $works = array_map(
            fn(int $place): Work => $work($stitches, $this->integer('colours')),
            range(1, $this->integer('places')),
        );

        return new Job(
            $this->integer('pieces'),
            $cents('blank'),
            $this->filled('worth') ? $cents('worth') : $cents('blank'),
            $cents('artwork'),
            $works,
        );
    }
}
