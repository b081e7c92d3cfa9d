<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use App\Foundation\Database\TurnCache;
use App\Foundation\Words\Words;
use App\Garment\Models\GarmentStyle;
use App\Machine\Models\Frame;
use App\Orders\Models\OrderLine;
use Hakama\Garment\Style;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * The garments, frames and people of the shop. Asked for by every page and hardly ever changed, so they are kept
 * between requests.
 */
final class Catalogue
{
    private const KEPT = 'catalogue';

    /** @var array<int, Style>|null by id */
    private ?array $styles = null;
    /**
     * @var array{styles: array<int, array<string, mixed>>, frames: list<array<string, mixed>>,
     *     people: list<string>}|null
     */
    private ?array $rows = null;

    public function __construct(private readonly TurnCache $kept) {}

    /** @return array<int, Style> by id, in order of their names */
    public function styles(): array
    {
        return $this->styles ??= array_map(
            static fn(array $row): Style => (new GarmentStyle())->newFromBuilder($row)->toCore(),
            $this->kept()['styles'],
        );
    }

    /** @return list<string> garments that are still ordered */
    public function namesInUse(): array
    {
        return array_values(
            array_map(
                strval(...),
                array_column(
                    array_filter(
                        $this->kept()['styles'],
                        static fn(array $row): bool => ($row['retired_at'] ?? null) === null,
                    ),
                    'name',
                ),
            ),
        );
    }

    /** @return Collection<int, Frame> */
    public function frames(): Collection
    {
        // New models each time: what one asker sets on them is none of another's business.
        return new Collection(
            array_map(static fn(array $row): Frame => (new Frame())->newFromBuilder($row), $this->kept()['frames']),
        );
    }

    /** @return list<string> names of those who stand at machines */
    public function people(): array
    {
        return $this->kept()['people'];
    }

    /**
     * What is known of a line's garment: its own style, else what the catalogue says of its kind, which stands there
     * under the kind's own name.
     */
    public function of(OrderLine $line): ?Style
    {
        return $this->styles()[$line->garment_style_id ?? 0] ?? $this->named(Words::say($line->garment->label()));
    }

    public function named(string $name): ?Style
    {
        $id = $this->idOf($name);

        return $id === null ? null : $this->styles()[$id];
    }

    /**
     * How a cap's front is made and how high it is: as said, else as the catalogue has the style.
     *
     * @return array{structure: string, profile: string}
     */
    public function capOf(string $style, string $structure, string $profile): array
    {
        $known = $this->named($style);

        return [
            'structure' => in_array($structure, ['', 'none'], true) ? $known->structure->value ?? 'none' : $structure,
            'profile' => in_array($profile, ['', 'none'], true) ? $known->profile->value ?? 'none' : $profile,
        ];
    }

    public function idOf(string $name): ?int
    {
        foreach ($this->styles() as $id => $style) {
            if (mb_strtolower($style->name) === mb_strtolower(trim($name))) {
                return $id;
            }
        }

        return null;
    }

    /**
     * @return array{styles: array<int, array<string, mixed>>, frames: list<array<string, mixed>>,
     *     people: list<string>}
     */
    private function kept(): array
    {
        return $this->rows ??= $this->kept->get(
            self::KEPT,
            static fn(): array => [
                'styles' => GarmentStyle::query()
                    ->orderBy('name')
                    ->toBase()
                    ->get()
                    ->keyBy('id')
                    ->map(static fn(object $row): array => (array) $row)
                    ->all(),
                'frames' => array_values(
                    Frame::query()
                        ->orderBy('id')
                        ->toBase()
                        ->get()
                        ->map(static fn(object $row): array => (array) $row)
                        ->all(),
                ),
                'people' => array_values(
                    array_map(
                        strval(...),
                        DB::table('people')->whereNull('retired_at')->orderBy('name')->pluck('name')->all(),
                    ),
                ),
            ],
        );
    }
}
