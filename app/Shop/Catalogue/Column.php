<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

/** One column of a list, which is one field of its form. */
final readonly class Column
{
    /**
     * @param list<mixed>           $rules   as requests are checked
     * @param list<string>          $options to choose among, where they are few
     */
    public function __construct(
        public string $name,
        public array $rules,
        public array $options = [],
        public string $unit = '',
    ) {}

    public function label(): string
    {
        return ucfirst(str_replace('_', ' ', preg_replace('/_mm$/', '', $this->name) ?? $this->name)).
            ($this->unit === '' ? '' : ", {$this->unit}");
    }
}
