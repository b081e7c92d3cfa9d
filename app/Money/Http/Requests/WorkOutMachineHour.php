<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use Hakama\Money\Amount;
use Hakama\Money\MachineHour;
use Illuminate\Foundation\Http\FormRequest;

/** What an hour of a machine follows from. */
final class WorkOutMachineHour extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'machine_price' => ['required', 'numeric', 'between:0,1000000'],
            'years' => ['required', 'numeric', 'between:0.5,50'],
            'hours' => ['required', 'numeric', 'between:10,8760'],
            'watts' => ['required', 'numeric', 'between:0,20000'],
            'kwh' => ['required', 'numeric', 'between:0,10'],
            'care' => ['required', 'numeric', 'between:0,100000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'machine_price.*' => 'What the machine cost is an amount.',
            'years.*' => 'Years are 0.5 to 50.',
            'hours.*' => 'Hours in a year are 10 to 8760.',
            'watts.*' => 'Power is 0 to 20 000 watts.',
            'kwh.*' => 'A kilowatt hour is an amount, such as 0.30.',
            'care.*' => 'Needles, oil and the fitter in a year are an amount.',
        ];
    }

    public function hour(): MachineHour
    {
        return MachineHour::of(
            (int) Amount::read($this->string('machine_price')->value()),
            $this->float('years'),
            $this->float('hours'),
            $this->float('watts'),
            100 * $this->float('kwh'),
            (int) Amount::read($this->string('care')->value()),
        );
    }
}
