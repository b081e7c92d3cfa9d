<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use App\Foundation\Words\Words;
use BackedEnum;
use Hakama\Garment\Measure;
use Hakama\Machine\Driver;
use Illuminate\Support\Facades\Lang;

/** One column of a list, which is one field of its form. */
final readonly class Column
{
    /**
     * @param list<mixed>           $rules   as requests are checked
     * @param list<string>          $options to choose among, where they are few
     * @param list<BackedEnum>      $cases   what the options are codes of
     */
    public function __construct(
        public string $name,
        public array $rules,
        public array $options = [],
        public string $unit = '',
        private array $cases = [],
    ) {}

    public function label(): string
    {
        $measure = Measure::tryFrom(preg_replace('/_mm$/', '', $this->name) ?? $this->name);
        // A width is also one of cloth and of frames.
        $own = "shop.column.{$this->name}";
        $label = $measure === null || Lang::has($own) ? (string) __($own) : Words::capital($measure->label());

        return $this->unit === '' ? $label : __('shop.column.with_unit', ['label' => $label, 'unit' => $this->unit]);
    }

    private static function driver(string $code): string
    {
        $driver = Driver::tryFrom($code);

        return $driver === null ? $code : Words::say($driver->label());
    }

    /** What one of its options is called on the page; in a list that is saved and read it is its code. */
    public function option(string $code): string
    {
        foreach ($this->cases as $case) {
            if ($case->value === $code && method_exists($case, 'label')) {
                return Words::say($case->label());
            }
        }
        if ($this->name === 'drivers') {
            return implode(', ', array_map(self::driver(...), explode(' ', $code)));
        }
        if ($this->name === 'driver_minutes') {
            return (string) preg_replace_callback(
                '/(\w+)>(\w+) (\d+)/',
                static fn(array $of): string => __('shop.column.driver_change', [
                    'from' => self::driver($of[1]),
                    'to' => self::driver($of[2]),
                    'minutes' => $of[3],
                ]),
                $code,
            );
        }
        $key = "shop.option.{$code}";

        return $this->options !== [] && Lang::has($key) ? (string) __($key) : $code;
    }
}
