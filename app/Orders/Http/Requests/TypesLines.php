<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Orders\TypedLine;
use App\Shop\Catalogue\Catalogue;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Lines of an order as they are typed: a size run and one to four decorations each. */
trait TypesLines
{
    private Catalogue $catalogue;

    /** @return array<string, mixed> */
    private function lineRules(Catalogue $catalogue): array
    {
        $this->catalogue = $catalogue;

        return [
            'lines' => ['required', 'array', 'min:1', 'max:'.self::MOST_LINES],
            'lines.*.garment' => ['required', Rule::enum(Garment::class)],
            'lines.*.fabric' => ['required', Rule::enum(Fabric::class)],
            'lines.*.structure' => ['nullable', Rule::enum(Structure::class)],
            'lines.*.profile' => ['nullable', Rule::enum(Profile::class)],
            'lines.*.patch_back' => ['nullable', Rule::enum(PatchBack::class)],
            'lines.*.style' => ['nullable', 'string', 'max:80'],
            'lines.*.unit_value' => ['nullable', 'numeric', 'between:0,10000'],
            'lines.*.spares' => ['nullable', 'integer', 'between:0,999'],
            'lines.*.colour_name' => ['required', 'string', 'max:40'],
            'lines.*.colour_hex' => ['required', 'regex:/^#[0-9a-f]{6}$/iD'],
            'lines.*.sizes' => ['required', 'array'],
            'lines.*.sizes.*' => ['nullable', 'integer', 'min:0', 'max:999'],
            'lines.*.decorations' => ['required', 'array', 'min:1', 'max:'.self::MOST_DECORATIONS],
            'lines.*.decorations.0.position' => ['required', Rule::enum(Position::class)],
            'lines.*.decorations.*.position' => ['nullable', Rule::enum(Position::class)],
            'lines.*.decorations.*.named' => ['nullable', 'boolean'],
            'lines.*.decorations.*.artwork_id' => ['nullable', 'integer', Rule::exists('artworks', 'id')],
        ];
    }

    /** @return array<string, string> */
    private static function lineMessages(): array
    {
        return [
            'lines.*.garment.required' => 'Choose the garment.',
            'lines.*.fabric.required' => 'Choose the fabric.',
            'lines.*.colour_name.required' => 'Name the garment’s colour.',
            'lines.*.colour_hex.*' => 'Write the colour as # and six digits, such as #26324f.',
            'lines.*.unit_value.*' => 'What one costs to replace is an amount, such as 24.50.',
            'lines.*.spares.*' => 'Spares are a whole number.',
            'lines.*.sizes.*.integer' => 'Sizes are whole numbers of garments.',
            'lines.*.sizes.*.min' => 'Sizes are whole numbers of garments.',
            'lines.*.sizes.*.max' => 'More than 999 of one size: split it into two lines.',
            'lines.*.decorations.0.position.required' => 'Choose where the artwork goes.',
            'lines.*.decorations.*.artwork_id.exists' => 'That artwork is no longer here: choose another.',
        ];
    }

    /** @param int $there pieces that the order has already */
    private function checkLines(Validator $validator, int $there = 0): void
    {
        $pieces = $there;
        foreach ($this->array('lines') as $i => $given) {
            $typed = TypedLine::read($given, $this->catalogue);
            if ($typed === null) {
                continue;
            }
            if ($typed->garments() < 1) {
                $validator->errors()->add("lines.{$i}.sizes", 'Type how many of at least one size.');
            }
            if ($typed->line->garment === Garment::Cap && $typed->line->profile === Profile::None) {
                $validator->errors()->add("lines.{$i}.profile", 'Say how high the cap is: it limits the design.');
            }
            $pieces += $typed->garments() * count($typed->decorations);
        }
        if ($pieces > self::MOST_PIECES) {
            $validator
                ->errors()
                ->add('lines', sprintf('%d pieces in one order; split it at %d.', $pieces, self::MOST_PIECES));
        }
    }

    /** @return list<TypedLine> */
    public function lines(): array
    {
        $lines = array_map(
            fn(mixed $typed): ?TypedLine => TypedLine::read($typed, $this->catalogue),
            $this->array('lines'),
        );

        return array_values(array_filter($lines));
    }
}
