<?php

declare(strict_types=1);

namespace App\Orders;

use App\Orders\Models\OrderLine;
use App\Orders\Queries\ColourNames;
use App\Shop\Catalogue\Catalogue;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Structure;
use Hakama\Money\Amount;

/** One line of an order as it is typed; what is only half typed is read as far as it goes. */
final readonly class TypedLine
{
    private const GREY = '#808080';
    private const MOST_OF_A_SIZE = 999;

    /**
     * @param OrderLine                       $line        not written down yet
     * @param array<string, int>              $sizes       size => how many garments, one at least
     * @param list<array{Position, int|null}> $decorations where, and the artwork's id if it is there
     */
    private function __construct(public OrderLine $line, public array $sizes, public array $decorations) {}

    /** Null as long as it is not said what the garment is and of which fabric. */
    public static function read(mixed $typed, Catalogue $catalogue): ?self
    {
        $typed = is_array($typed) ? $typed : [];
        $garment = Garment::tryFrom(self::text($typed, 'garment'));
        $fabric = Fabric::tryFrom(self::text($typed, 'fabric'));
        if ($garment === null || $fabric === null) {
            return null;
        }
        $style = self::text($typed, 'style');
        $hex = strtolower(self::text($typed, 'colour_hex'));
        $worth = self::text($typed, 'unit_value');

        return new self(
            new OrderLine([
                'garment' => $garment,
                'fabric' => $fabric,
                ...$catalogue->capOf(
                    $style,
                    Structure::tryFrom(self::text($typed, 'structure'))->value ?? '',
                    Profile::tryFrom(self::text($typed, 'profile'))->value ?? '',
                ),
                'style' => $style,
                'garment_style_id' => $style === '' ? null : $catalogue->idOf($style),
                'colour_name' => self::text($typed, 'colour_name'),
                'colour_hex' => preg_match('/^#[0-9a-f]{6}$/D', $hex) === 1
                    ? $hex
                    : ColourNames::common(self::text($typed, 'colour_name')) ?? self::GREY,
                'unit_value_cents' => is_numeric($worth) ? Amount::read($worth) : null,
                'spares' => (int) self::text($typed, 'spares'),
                'patch_back' =>
                    $garment === Garment::Patch
                        ? PatchBack::tryFrom(self::text($typed, 'patch_back')) ?? PatchBack::SewnOn
                        : null,
            ]),
            self::sizes($typed),
            self::decorations($typed),
        );
    }

    public function garments(): int
    {
        return array_sum($this->sizes);
    }

    /**
     * @param array<mixed> $typed
     *
     * @return array<string, int>
     */
    private static function sizes(array $typed): array
    {
        $given = is_array($typed['sizes'] ?? null) ? $typed['sizes'] : [];
        $sizes = [];
        foreach (Size::cases() as $size) {
            $n = $given[$size->value] ?? null;
            $sizes[$size->value] = is_numeric($n) ? min(self::MOST_OF_A_SIZE, max(0, (int) $n)) : 0;
        }

        return array_filter($sizes, static fn(int $pieces): bool => $pieces > 0);
    }

    /**
     * @param array<mixed> $typed
     *
     * @return list<array{Position, int|null}>
     */
    private static function decorations(array $typed): array
    {
        $decorations = [];
        foreach (is_array($typed['decorations'] ?? null) ? $typed['decorations'] : [] as $wanted) {
            $wanted = is_array($wanted) ? $wanted : [];
            $position = Position::tryFrom(self::text($wanted, 'position'));
            if ($position !== null) {
                $decorations[] = [$position, (int) self::text($wanted, 'artwork_id') ?: null];
            }
        }

        return $decorations;
    }

    /** @param array<mixed> $of */
    private static function text(array $of, string $field): string
    {
        return is_scalar($of[$field] ?? null) ? trim((string) $of[$field]) : '';
    }
}
