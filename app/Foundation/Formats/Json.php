<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use JsonException;

/** One JSON object as it is read: every key asked for is checked, and one that nobody asks for is an error. */
final class Json
{
    /** @var array<string, true> */
    private array $asked = [];

    /** @param array<string, mixed> $values */
    private function __construct(private readonly string $where, private readonly array $values) {}

    public static function of(string $file, string $text): self
    {
        try {
            $values = json_decode($text, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw UnfitInput::at($file, 'no JSON: '.$e->getMessage());
        }

        return self::object($file, $values);
    }

    public static function object(string $where, mixed $values): self
    {
        if (! is_array($values) || ($values !== [] && array_is_list($values))) {
            throw UnfitInput::at($where, 'an object is wanted here');
        }

        return new self($where, $values);
    }

    public function where(string $key): string
    {
        return "{$this->where}: {$key}";
    }

    public function has(string $key): bool
    {
        $this->asked[$key] = true;

        return array_key_exists($key, $this->values) && $this->values[$key] !== null;
    }

    public function string(string $key): string
    {
        $value = $this->get($key);

        return is_string($value) && $value !== ''
            ? $value
            : throw UnfitInput::at($this->where($key), 'text is wanted here');
    }

    public function int(string $key, int $least, int $most): int
    {
        $value = $this->get($key);

        return is_int($value) && $value >= $least && $value <= $most
            ? $value
            : throw UnfitInput::at($this->where($key), "a whole number from {$least} to {$most} is wanted here");
    }

    public function number(string $key, float $least, float $most): float
    {
        $value = $this->get($key);

        return (is_int($value) || is_float($value)) && $value >= $least && $value <= $most
            ? (float) $value
            : throw UnfitInput::at($this->where($key), "a number from {$least} to {$most} is wanted here");
    }

    public function bool(string $key): bool
    {
        $value = $this->get($key);

        return is_bool($value) ? $value : throw UnfitInput::at($this->where($key), 'true or false is wanted here');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function enum(string $key, string $enum): \BackedEnum
    {
        $value = $this->get($key);

        return (is_string($value) ? $enum::tryFrom($value) : null) ??
            throw UnfitInput::at(
                $this->where($key),
                'one of '.
                    implode(
                        ', ',
                        array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases()),
                    ).
                    ' is wanted here',
            );
    }

    public function inner(string $key): self
    {
        return self::object($this->where($key), $this->get($key));
    }

    /** @return array{float, float} a pair of numbers, such as width and height */
    public function pair(string $key, float $least, float $most): array
    {
        $value = $this->list($key);
        if (count($value) !== 2) {
            throw UnfitInput::at($this->where($key), 'two numbers are wanted here');
        }

        return array_map(
            fn(mixed $one): float => (is_int($one) || is_float($one)) && $one >= $least && $one <= $most
                ? (float) $one
                : throw UnfitInput::at($this->where($key), "numbers from {$least} to {$most} are wanted here"),
            $value,
        );
    }

    /** @return array<string, mixed> every value that is there, for keys that are known elsewhere */
    public function values(): array
    {
        $this->asked += array_fill_keys(array_keys($this->values), true);

        return $this->values;
    }

    /** @return list<mixed> */
    public function list(string $key): array
    {
        $value = $this->get($key);

        return is_array($value) && array_is_list($value)
            ? $value
            : throw UnfitInput::at($this->where($key), 'a list is wanted here');
    }

    /** @return list<self> */
    public function objects(string $key): array
    {
        $objects = [];
        foreach ($this->list($key) as $i => $value) {
            $objects[] = self::object("{$this->where}: {$key}[{$i}]", $value);
        }

        return $objects;
    }

    /** @return list<string> */
    public function strings(string $key): array
    {
        $strings = [];
        foreach ($this->list($key) as $i => $value) {
            $strings[] =
                is_string($value) && $value !== ''
                    ? $value
                    : throw UnfitInput::at("{$this->where}: {$key}[{$i}]", 'text is wanted here');
        }

        return $strings;
    }

    /** @return array<int|string, string> text by key, such as threads by needle */
    public function map(string $key): array
    {
        $value = $this->get($key);
        if (! is_array($value)) {
            throw UnfitInput::at($this->where($key), 'an object is wanted here');
        }
        foreach ($value as $name => $text) {
            if (! is_string($text) || $text === '') {
                throw UnfitInput::at("{$this->where}: {$key}.{$name}", 'text is wanted here');
            }
        }

        return $value;
    }

    /** @return array<int, string> text by needle, 1 to as many as there are */
    public function needles(string $key, int $count): array
    {
        $byNeedle = [];
        foreach ($this->map($key) as $needle => $text) {
            if (! is_int($needle) || $needle < 1 || $needle > $count) {
                throw UnfitInput::at($this->where($key), "there is no needle {$needle} on a machine of {$count}");
            }
            $byNeedle[$needle] = $text;
        }

        return $byNeedle;
    }

    /** @return list<int> numbers of needles */
    public function numbers(string $key, int $least, int $most): array
    {
        return array_map(
            fn(mixed $one): int => is_int($one) && $one >= $least && $one <= $most
                ? $one
                : throw UnfitInput::at(
                    $this->where($key),
                    'there is no needle '.json_encode($one)." on a machine of {$most}",
                ),
            $this->list($key),
        );
    }

    /** @throws UnfitInput when there is a key nobody asked for */
    public function done(): void
    {
        foreach (array_keys($this->values) as $key) {
            if (! isset($this->asked[$key])) {
                throw UnfitInput::at($this->where((string) $key), 'this key is not known');
            }
        }
    }

    private function get(string $key): mixed
    {
        return $this->has($key) ? $this->values[$key] : throw UnfitInput::at($this->where($key), 'is missing');
    }
}
