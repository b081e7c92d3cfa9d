<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Http\TypedForms;
use App\Orders\Http\Requests\StoreOrder;
use App\Orders\TypedLine;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** An order that comes in another way than by its form, held against what the form is held against. */
final readonly class CheckedOrder
{
    public function __construct(private TypedForms $forms) {}

    /**
     * @param array<string, mixed> $fields those of the form
     *
     * @return array{form: string, customer: string, due: CarbonImmutable, note: string, lines: list<TypedLine>, event: bool}
     *
     * @throws ValidationException
     */
    public function of(array $fields): array
    {
        $form = $this->forms->checked(StoreOrder::class, Request::create('/orders', 'POST', $fields));

        return [
            'form' => $form->string('form')->value(),
            'customer' => $form->string('customer')->value(),
            'due' => $form->dueAt(),
            'note' => $form->string('note')->value(),
            'lines' => $form->lines(),
            'event' => $form->boolean('for_event'),
        ];
    }
}
