<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Artwork\Models\ArtworkBlock;
use App\Foundation\StateHash;
use App\Foundation\Words\Languages;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Setup\PracticeBook;
use App\Setup\SetupOnMachine;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PDO;

/**
 * Setups on machines, for pages that are asked for every second: kept as long as nothing that they follow from has
 * changed, which one query and what is kept anyway can tell.
 */
final readonly class MachineSetups
{
    private const KEPT_S = 86400;
    /** What happens at a machine: none of it changes how something is set up on it. */
    private const HOW_FAR = [
        'bobbin_used_m',
        'driver',
        'frame_id',
        'oiled_at',
        'paired_at',
        'program',
        'stitches',
        'tension_at',
        'token_hash',
    ];

    public function __construct(
        private DecorationSetups $setups,
        private House $house,
        private Catalogue $catalogue,
        private PracticeBook $practice,
    ) {}

    /** Null where none was chosen. */
    public function on(int $decorationId, Machine $machine): ?SetupOnMachine
    {
        $seen = self::rows($decorationId);
        if ($seen === []) {
            return null;
        }
        $sign = StateHash::of([
            base64_encode(serialize($this->house->rules())),
            base64_encode(serialize($this->catalogue->styles())),
            $this->catalogue->frames()->toArray(),
            $this->practice->all(),
            $seen,
            // What a machine is, not how far it has come.
            array_diff_key($machine->getAttributes(), array_flip(self::HOW_FAR)),
        ]);

        return Cache::remember(
            "setup-{$decorationId}-{$machine->id}-{$sign}-".Languages::now(),
            self::KEPT_S,
            fn(): ?SetupOnMachine => $this->setups->on(
                Decoration::query()->findOrFail($decorationId)->loadForSetup(),
                $machine,
            ),
        );
    }

    /**
     * Every column of all that a setup follows from: one that is added counts by itself.
     *
     * @return list<mixed> none where nothing was chosen
     */
    private static function rows(int $decorationId): array
    {
        // By their places: the tables have columns of one name.
        $setup = DB::getPdo()->prepare(
            <<<'SQL'
            select s.*, d.*, l.*, a.*, (select max(kept_at) from kept_placements),
                (select group_concat(distinct p.size order by p.size) from pieces p where p.decoration_id = d.id)
            from setups s
            join decorations d on d.id = s.decoration_id
            join order_lines l on l.id = d.order_line_id
            join artworks a on a.id = d.artwork_id
            where s.decoration_id = ?
            SQL
            ,
        );
        $setup->execute([$decorationId]);
        $row = $setup->fetch(PDO::FETCH_NUM);
        $setup->closeCursor();

        return is_array($row)
            ? [
                $row,
                ArtworkBlock::query()
                    ->whereIn('artwork_id', Decoration::query()->whereKey($decorationId)->select('artwork_id'))
                    ->orderBy('number')
                    ->toBase()
                    ->get()
                    ->map(get_object_vars(...))
                    ->all(),
            ]
            : [];
    }
}
