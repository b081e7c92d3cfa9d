<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Money\AskedWork;
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

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pieces' => ['required', 'integer', 'between:1,5000'],
            'stitches' => ['nullable', 'integer', 'between:50,300000'],
            'width' => ['nullable', 'required_without:stitches', 'numeric', 'between:3,600'],
            'height' => ['nullable', 'required_without:stitches', 'numeric', 'between:3,600'],
            'fill' => ['nullable', 'required_without:stitches', Rule::enum(Coverage::class)],
            'colours' => ['required', 'integer', 'between:1,15'],
            'places' => ['required', 'integer', 'between:1,4'],
            'blank' => ['nullable', 'numeric', 'between:0,10000'],
            'stitches_2' => ['nullable', 'integer', 'between:50,300000'],
            'width_2' => ['nullable', 'required_with:height_2', 'numeric', 'between:3,600'],
            'height_2' => ['nullable', 'required_with:width_2', 'numeric', 'between:3,600'],
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
            'pieces.*' => 'How many garments is a whole number, 1 to 5000.',
            'stitches.*' => 'Stitches are a whole number, 50 to 300 000; or leave it empty and say how large it is.',
            'width.*' => 'How wide the design is, 3 to 600 mm, or its stitches.',
            'height.*' => 'How high the design is, 3 to 600 mm, or its stitches.',
            'fill.*' => 'Say how much of it is filled, or its stitches.',
            'colours.*' => 'Colours are a whole number, 1 to 15.',
            'places.*' => 'Places are 1 to 4.',
            'stitches_2.*' => 'Stitches of the second design are a whole number, 50 to 300 000; or say how large it is.',
            'width_2.*' => 'How wide the second design is, 3 to 600 mm, or its stitches.',
            'height_2.*' => 'How high the second design is, 3 to 600 mm, or its stitches.',
            'fill_2.*' => 'Say how much of the second design is filled, or its stitches.',
            'colours_2.*' => 'Colours of the second design are a whole number, 1 to 15.',
            'places_2.*' => 'Places of the second design are 1 to 4.',
            'fabric.*' => 'Choose a cloth, or leave it open.',
            'blank.*' => 'What the shop pays for one garment is an amount, such as 7.80.',
            'worth.*' => 'What one garment is worth is an amount, such as 24.50.',
            'artwork.*' => 'What the artwork costs is an amount.',
        ];
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
        [$width, $height] = [$this->float("width{$which}"), $this->float("height{$which}")];

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
