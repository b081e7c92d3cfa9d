<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** For forms with amounts that some type with a comma. */
trait ReadsAmounts
{
    /** The same with a dot, before it is looked at; what is missing stays missing. */
    protected function dotted(string ...$fields): void
    {
        foreach ($fields as $field) {
            if (is_string($this->input($field))) {
                $this->merge([$field => str_replace(',', '.', trim($this->input($field)))]);
            }
        }
    }
}
