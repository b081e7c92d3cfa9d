<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Foundation\Http\Download;
use App\Machine\Models\Machine;
use App\Orders\Models\Customer;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\PlanExport;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The plan as calendars and as a list for other programs. */
final class ExportController
{
    public function machine(Request $request, Machine $machine, PlanBoard $board): Response
    {
        return self::ics($request, PlanExport::machine($board, $machine), $machine->code);
    }

    public function promises(Request $request, PlanBoard $board, Customer $customer): Response
    {
        return self::ics($request, PlanExport::promises($board, $customer), "promises-{$customer->id}");
    }

    public function csv(PlanBoard $board): Response
    {
        return Download::csv(PlanExport::csv($board), 'plan');
    }

    private static function ics(Request $request, string $calendar, string $name): Response
    {
        $answer = (new Response($calendar))
            ->header('Content-Type', 'text/calendar; charset=utf-8')
            ->header('Content-Disposition', "attachment; filename=\"{$name}.ics\"")
            ->setEtag(hash('sha256', $calendar));
        // A calendar program that has it already is told so.
        $answer->isNotModified($request);

        return $answer;
    }
}
