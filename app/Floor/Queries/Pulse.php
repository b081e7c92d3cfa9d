<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Machine\Models\Machine;
use Illuminate\Support\Facades\DB;

/** The least a page has to know to stay true: a sign that changes with every event, and the last reading. */
final readonly class Pulse
{
    private function __construct(public string $sign, public ?string $load, public int $stitch) {}

    public static function of(Machine $machine): self
    {
        $row = DB::selectOne(
            <<<'SQL'
            select (select coalesce(max(seq), 0) from floor_events where machine_id = m.id) as seq,
                   (select max(version) from plans) as version, r.load_event, r.stitch
            from machines m left join machine_readings r on r.machine_id = m.id where m.id = ?
            SQL
            ,
            [$machine->id],
        );

        return new self("{$row->seq}.{$row->version}", $row->load_event, (int) $row->stitch);
    }
}
