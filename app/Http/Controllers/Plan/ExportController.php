<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Models\Customer;
use App\Models\Machine;
use App\Plan\PlanBoard;
use App\Plan\PlanExport;
use Illuminate\Http\Response;

/** The plan as calendars and as a list for other programs. */
final class ExportController
{
    public function machine(Machine $machine, PlanBoard $board): Response
    {
        return self::ics(PlanExport::machine($board, $machine), $machine->code);
    }

    public function promises(PlanBoard $board, Customer $customer): Response
    {
        return self::ics(PlanExport::promises($board, $customer->name), "promises-{$customer->id}");
    }

    public function csv(PlanBoard $board): Response
    {
        return (new Response(PlanExport::csv($board)))
            ->header('Content-Type', 'text/csv; charset=utf-8')
            ->header('Content-Disposition', 'attachment; filename="plan.csv"');
    }

    private static function ics(string $calendar, string $name): Response
    {
        return (new Response($calendar))
            ->header('Content-Type', 'text/calendar; charset=utf-8')
            ->header('Content-Disposition', "attachment; filename=\"{$name}.ics\"");
    }
}
