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
            'machine_price.*' => __('money.work_out_machine_hour.enter_the_purchase_price_as_an'),
            'years.*' => __('money.work_out_machine_hour.lifetime_0_5_to_50_years'),
            'hours.*' => __('money.work_out_machine_hour.hours_per_year_10_to_8760'),
            'watts.*' => __('money.work_out_machine_hour.power_0_to_20_000_watts'),
            'kwh.*' => __('money.work_out_machine_hour.enter_the_price_per_kwh_as'),
            'care.*' => __('money.work_out_machine_hour.enter_the_yearly_maintenance_as_an'),
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
