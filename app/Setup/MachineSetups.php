<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Decoration;
use App\Models\Machine;
use App\Models\Setup;
use App\Shop\Catalogue;
use App\Shop\House;
use App\Shop\PracticeBook;
use App\Shop\Sign;
use Hakama\Garment\Fabric;
use Illuminate\Support\Facades\Cache;

/**
 * Setups on machines, for pages that are asked for every second: kept as long as nothing that they follow from has
 * changed, which one query and what is kept anyway can tell.
 */
final readonly class MachineSetups
{
    private const KEPT_S = 86400;

    public function __construct(
        private DecorationSetups $setups,
        private House $house,
        private Catalogue $catalogue,
        private PracticeBook $practice,
    ) {}

    /** Null where none was chosen. */
    public function on(int $decorationId, Machine $machine): ?SetupOnMachine
    {
        $seen = Setup::query()
            ->select('setups.*')
            ->selectRaw('(select max(kept_at) from kept_placements) as kept_at')
            ->selectRaw(
                <<<'SQL'
                (select concat_ws('|', l.garment, l.fabric, l.structure, l.profile, l.style, l.colour_hex, l.spares,
                    l.unit_value_cents, d.position, a.checksum, a.top_mm, a.letter_mm, (
                        select group_concat(
                            concat_ws(',', coalesce(k.thread_id, '-'), coalesce(k.role, '-'), coalesce(k.action, '-'),
                                coalesce(k.letter_mm, '-')) order by k.number
                        ) from artwork_blocks k
                        where k.artwork_id = a.id
                    ), (select group_concat(distinct p.size) from pieces p where p.decoration_id = d.id))
                from decorations d
                join order_lines l on l.id = d.order_line_id
                join artworks a on a.id = d.artwork_id
                where d.id = setups.decoration_id) as facts
                SQL
                ,
            )
            ->find($decorationId);
        if ($seen === null) {
            return null;
        }
        $sign = Sign::of([
            base64_encode(serialize($this->house->rules())),
            base64_encode(serialize($this->catalogue->styles())),
            $this->catalogue->frames()->toArray(),
            array_map($this->practice->hasComeOut(...), Fabric::cases()),
            $seen->getAttributes(),
            // What a machine is, not how far it has come.
            $machine->only(['id', 'drivers', 'needles', 'arm_width_mm', 'turns_caps', 'gap_mm']),
        ]);

        return Cache::remember(
            "setup-{$decorationId}-{$machine->id}-{$sign}",
            self::KEPT_S,
            fn(): ?SetupOnMachine => $this->setups->on(
                Decoration::query()->findOrFail($decorationId)->loadForSetup(),
                $machine,
            ),
        );
    }
}
