<?php

declare(strict_types=1);

namespace App\Api\Http\Requests;

/** Which orders. */
final class ListOrders extends ListPart
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...parent::rules(), 'state' => ['nullable', 'string', 'in:open,finished,all']];
    }
}
