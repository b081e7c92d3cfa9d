<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Orders\TypedLine;
use App\Shop\Catalogue\Catalogue;
use BackedEnum;
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
            'lines.*.garment' => ['required', self::oneOf(Garment::class)],
            'lines.*.fabric' => ['required', self::oneOf(Fabric::class)],
            'lines.*.structure' => ['nullable', self::oneOf(Structure::class)],
            'lines.*.profile' => ['nullable', self::oneOf(Profile::class)],
            'lines.*.patch_back' => ['nullable', self::oneOf(PatchBack::class)],
            'lines.*.style' => ['nullable', 'string', 'max:80'],
            'lines.*.unit_value' => ['nullable', 'numeric', 'between:0,10000'],
            'lines.*.spares' => ['nullable', 'integer', 'between:0,999'],
            'lines.*.colour_name' => ['required', 'string', 'max:40'],
            'lines.*.colour_hex' => ['nullable', 'regex:/^#[0-9a-f]{6}$/iD'],
            'lines.*.sizes' => ['required', 'array'],
            'lines.*.sizes.*' => ['nullable', 'integer', 'min:0', 'max:999'],
            'lines.*.decorations' => ['required', 'array', 'min:1', 'max:'.self::MOST_DECORATIONS],
            'lines.*.decorations.0.position' => ['required', self::oneOf(Position::class)],
            'lines.*.decorations.*.position' => ['nullable', self::oneOf(Position::class)],
            'lines.*.decorations.*.named' => ['nullable', 'boolean'],
            'lines.*.decorations.*.artwork_id' => ['nullable', 'integer', Rule::exists('artworks', 'id')],
        ];
    }

    /**
     * As a word: made from the enum itself, the rule is worked out anew for each field of each line of a list.
     *
     * @param class-string<BackedEnum> $of
     */
    private static function oneOf(string $of): string
    {
        /** @var array<string, string> $kept */
        static $kept = [];

        return $kept[$of] ??= 'in:'.implode(',', array_column($of::cases(), 'value'));
    }

    /** @return array<string, string> */
    private static function lineMessages(): array
    {
        return [
            'lines.*.garment.required' => __('orders.types_lines.choose_the_garment'),
            'lines.*.fabric.required' => __('orders.types_lines.choose_the_fabric'),
            'lines.*.colour_name.required' => __('orders.types_lines.enter_the_garment_colour'),
            'lines.*.colour_hex.*' => __('orders.types_lines.enter_the_colour_as_and_six'),
            'lines.*.unit_value.*' => __('orders.types_lines.enter_the_garment_value_as_an'),
            'lines.*.spares.*' => __('orders.types_lines.spares_a_whole_number'),
            'lines.*.sizes.*.integer' => __('orders.types_lines.sizes_are_whole_numbers_of_garments'),
            'lines.*.sizes.*.min' => __('orders.types_lines.sizes_are_whole_numbers_of_garments'),
            'lines.*.sizes.*.max' => __('orders.types_lines.more_than_999_of_one_size'),
            'lines.*.decorations.0.position.required' => __('orders.types_lines.choose_the_position'),
            'lines.*.decorations.*.artwork_id.exists' => __('orders.types_lines.that_artwork_has_been_removed_choose'),
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
                $validator->errors()->add("lines.{$i}.sizes", __('orders.types_lines.enter_a_quantity_for_at_least'));
            }
            if ($typed->line->garment === Garment::Cap && $typed->line->profile === Profile::None) {
                $validator->errors()->add(
                    "lines.{$i}.profile",
                    __('orders.types_lines.choose_the_cap_height_it_limits'),
                );
            }
            $pieces += $typed->garments() * count($typed->decorations);
        }
        if ($pieces > self::MOST_PIECES) {
            $validator
                ->errors()
                ->add('lines', __('orders.types_lines.pieces_in_one_order_split_it', [
                    'pieces' => $pieces,
                    'value' => self::MOST_PIECES,
                ]));
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
