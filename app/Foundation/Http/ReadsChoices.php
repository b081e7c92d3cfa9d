<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use BackedEnum;
use LogicException;

/** For forms with fields that were checked to be one of a closed set. */
trait ReadsChoices
{
    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $of
     *
     * @return T
     */
    protected function chosen(string $field, string $of): BackedEnum
    {
        return $this->enum($field, $of) ?? throw new LogicException("{$field} is not among the rules");
    }
}
