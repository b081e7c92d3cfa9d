<?php

declare(strict_types=1);

namespace App\Api\Http\Requests;

use App\Foundation\Clock\Moment;
use BackedEnum;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Structure;
use Illuminate\Foundation\Http\FormRequest;

/** An order as a program sends it. What it has to come to is checked as that of any other order. */
final class PlaceOrder extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $sizes = array_column(Size::cases(), 'value');
        $rules = [
            'customer' => ['required', 'string', 'max:120'],
            'due_at' => ['required', 'string', 'date_format:Y-m-d\TH:i:sP'],
            'note' => ['nullable', 'string', 'max:500'],
            'for_event' => ['nullable', 'boolean'],
            'lines' => ['required', 'array', 'list', 'min:1'],
            'lines.*.garment' => ['required', 'string', self::oneOf(Garment::class)],
            'lines.*.fabric' => ['required', 'string', self::oneOf(Fabric::class)],
            'lines.*.style' => ['nullable', 'string', 'max:80'],
            'lines.*.structure' => ['nullable', 'string', self::oneOf(Structure::class)],
            'lines.*.profile' => ['nullable', 'string', self::oneOf(Profile::class)],
            'lines.*.patch_back' => ['nullable', 'string', self::oneOf(PatchBack::class)],
            'lines.*.colour_name' => ['required', 'string', 'max:40'],
            'lines.*.colour_hex' => ['nullable', 'string', 'regex:/^#[0-9a-fA-F]{6}$/D'],
            'lines.*.spares' => ['nullable', 'integer', 'between:0,999'],
            'lines.*.sizes' => ['required', 'array:'.implode(',', $sizes)],
        ];
        foreach ($sizes as $size) {
            $rules["lines.*.sizes.{$size}"] = ['nullable', 'integer', 'between:0,999'];
        }

        return [
            ...$rules,
            'lines.*.decorations' => ['required', 'array', 'list', 'min:1'],
            'lines.*.decorations.*.position' => ['required', 'string', self::oneOf(Position::class)],
            'lines.*.decorations.*.artwork_id' => ['nullable', 'integer', 'between:1,2147483647'],
        ];
    }

    /** @return array<string, mixed> the fields of the form that a person fills in */
    public function form(string $number): array
    {
        $due = CarbonImmutable::parse($this->string('due_at')->value())->setTimezone(Moment::zone());

        return [
            ...$this->safe(['customer', 'note', 'for_event', 'lines']),
            'due_date' => $due->format('Y-m-d'),
            'due_time' => $due->format('H:i'),
            'form' => $number,
        ];
    }

    /** @param class-string<BackedEnum> $of */
    private static function oneOf(string $of): string
    {
        return 'in:'.implode(',', array_column($of::cases(), 'value'));
    }
}
