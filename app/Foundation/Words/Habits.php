<?php

declare(strict_types=1);

namespace App\Foundation\Words;

use Hakama\Artwork\Paper;
use Hakama\House\Units;
use Illuminate\Contracts\Database\Eloquent\Castable;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;

/**
 * How somebody writes days, hours and lengths, and on which sheets they print: a person, where they say nothing their
 * desk, where that says nothing the shop, and where it says nothing the region of the language.
 */
final readonly class Habits implements Castable
{
    public const HOURS = ['12', '24'];

    /**
     * @param string   $region   two letters: days, hours and figures as they are written there; '' as the language does
     * @param string   $hours    one of HOURS; '' as the region does
     * @param int|null $firstDay of the week: 1 Monday to 7 Sunday; null as in the region
     */
    public function __construct(
        public string $region = '',
        public string $hours = '',
        public ?int $firstDay = null,
        public ?Paper $paper = null,
        public ?Units $units = null,
    ) {}

    /** @param array<string, mixed> $kept */
    public static function read(array $kept): self
    {
        $first = (int) ($kept['first_day'] ?? 0);
        $hours = (string) ($kept['hours'] ?? '');

        return new self(
            (string) ($kept['region'] ?? ''),
            in_array($hours, self::HOURS, true) ? $hours : '',
            $first >= 1 && $first <= 7 ? $first : null,
            Paper::tryFrom((string) ($kept['paper'] ?? '')),
            Units::tryFrom((string) ($kept['units'] ?? '')),
        );
    }

    /** @return array<string, string|int> what is said, as it is kept */
    public function kept(): array
    {
        return array_filter(
            [
                'region' => $this->region,
                'hours' => $this->hours,
                'first_day' => $this->firstDay,
                'paper' => $this->paper?->value,
                'units' => $this->units?->value,
            ],
            static fn(mixed $one): bool => $one !== null && $one !== '',
        );
    }

    /** What is not said is as it is below. */
    public function over(self $below): self
    {
        return new self(
            $this->region !== '' ? $this->region : $below->region,
            $this->hours !== '' ? $this->hours : $below->hours,
            $this->firstDay ?? $below->firstDay,
            $this->paper ?? $below->paper,
            $this->units ?? $below->units,
        );
    }

    /**
     * @param array<array-key, mixed> $arguments
     *
     * @return CastsAttributes<self, self>
     */
    public static function castUsing(array $arguments): CastsAttributes
    {
        return new class () implements CastsAttributes {
            public function get($model, string $key, mixed $value, array $attributes): Habits
            {
                return Habits::read((array) json_decode((string) ($value ?? '{}'), true));
            }

            public function set($model, string $key, mixed $value, array $attributes): string
            {
                assert($value instanceof Habits);

                return json_encode((object) $value->kept(), JSON_THROW_ON_ERROR);
            }
        };
    }
}
