<?php

declare(strict_types=1);

namespace App\Http\Requests\Orders;

use App\Orders\TypedLine;
use App\Shop\Catalogue;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A new order as it is typed: who, by when, and lines with a size run and one to four decorations each. */
final class StoreOrder extends FormRequest
{
    public const MOST_LINES = 20;
    public const MOST_PIECES = 2000;
    public const MOST_DECORATIONS = 4;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'customer' => ['required', 'string', 'max:120'],
            'due_date' => ['required', 'date_format:Y-m-d'],
            'due_time' => ['required', 'date_format:H:i'],
            'form' => ['nullable', 'uuid'],
            'quote' => ['nullable', 'integer'],
            'note' => ['nullable', 'string', 'max:500'],
            'for_event' => ['nullable', 'boolean'],
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
    public function messages(): array
    {
        return [
            'customer.required' => 'Say who the order is for.',
            'due_date.required' => 'Say by which day it is promised.',
            'due_date.date_format' => 'Write the day as year-month-day, such as 2026-03-14.',
            'due_time.required' => 'Say by what time it is promised.',
            'due_time.date_format' => 'Write the time as 16:00.',
            'lines.*.garment.required' => 'Choose the garment.',
            'lines.*.fabric.required' => 'Choose the fabric.',
            'lines.*.colour_name.required' => 'Name the garment’s colour.',
            'lines.*.colour_hex.*' => 'Write the colour as # and six digits, such as #26324f.',
            'lines.*.unit_value.*' => 'What one costs to replace is an amount, such as 24.50.',
            'lines.*.spares.*' => 'Spares are a whole number.',
            'lines.*.sizes.*.integer' => 'Sizes are whole numbers of garments.',
            'lines.*.sizes.*.max' => 'More than 999 of one size: split it into two lines.',
            'lines.*.decorations.0.position.required' => 'Choose where the artwork goes.',
            'lines.*.decorations.*.artwork_id.exists' => 'That artwork is no longer here: choose another.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $pieces = 0;
                foreach ($this->array('lines') as $i => $given) {
                    $typed = TypedLine::read($given, app(Catalogue::class));
                    if ($typed === null) {
                        continue;
                    }
                    if ($typed->garments() < 1) {
                        $validator->errors()->add("lines.{$i}.sizes", 'Type how many of at least one size.');
                    }
                    if ($typed->line->garment === Garment::Cap && $typed->line->profile === Profile::None) {
                        $validator
                            ->errors()
                            ->add("lines.{$i}.profile", 'Say how high the cap is: it limits the design.');
                    }
                    $pieces += $typed->garments() * count($typed->decorations);
                }
                if ($pieces > self::MOST_PIECES) {
                    $validator
                        ->errors()
                        ->add('lines', sprintf('%d pieces in one order; split it at %d.', $pieces, self::MOST_PIECES));
                }
                if ($validator->errors()->isEmpty() && $this->dueAt()->isPast()) {
                    $validator->errors()->add('due_date', 'That time has passed already.');
                }
            },
        ];
    }

    public function dueAt(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('due_date').' '.$this->string('due_time'));
    }

    /**
     * Where each piece is to carry a name of its own.
     *
     * @return array{int, int}|null line and place of the first such, from 0; null where there is none
     */
    public function firstNamed(): ?array
    {
        foreach (array_values($this->array('lines')) as $i => $line) {
            $places = array_values(
                array_filter(
                    is_array($line['decorations'] ?? null) ? $line['decorations'] : [],
                    static fn(mixed $place): bool => is_array($place) && ($place['position'] ?? '') !== '',
                ),
            );
            foreach ($places as $j => $place) {
                if (($place['named'] ?? null) === '1') {
                    return [$i, $j];
                }
            }
        }

        return null;
    }

    /** @return list<TypedLine> */
    public function lines(): array
    {
        $lines = array_map(
            static fn(mixed $typed): ?TypedLine => TypedLine::read($typed, app(Catalogue::class)),
            $this->array('lines'),
        );

        return array_values(array_filter($lines));
    }
}
