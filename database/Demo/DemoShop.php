<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Jobs\ReadTape;
use App\Models\Artwork;
use App\Models\Frame;
use App\Models\Machine;
use App\Models\Needle;
use App\Models\Thread;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Artwork\Variant;
use Hakama\Machine\NeedleType;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** What the workroom of Tarn & Tiller in Ullenmere owns. */
final class DemoShop
{
    /** code => [name, colour, weight] */
    private const THREADS = [
        'D-01' => ['Ink', '#1b2030', 40],
        'D-02' => ['Slate', '#4a5568', 40],
        'D-03' => ['Chalk', '#f7f4ec', 40],
        'D-04' => ['Pewter', '#8d9199', 40],
        'D-05' => ['Wick', '#f3c64b', 40],
        'D-06' => ['Squash', '#e08a2c', 40],
        'D-07' => ['Tallow', '#f6e7b4', 40],
        'D-08' => ['Foxglove', '#b5498f', 40],
        'D-09' => ['Ember', '#d4482b', 40],
        'D-10' => ['Rosehip', '#a8242f', 40],
        'D-11' => ['Plum', '#5a2a55', 40],
        'D-12' => ['Deep Tarn', '#1f3f66', 40],
        'D-13' => ['Ripple', '#5b8fb9', 40],
        'D-14' => ['Night Oven', '#27304f', 40],
        'D-15' => ['Harebell', '#7c86c9', 40],
        'D-16' => ['Mere', '#2f6f8f', 40],
        'D-17' => ['Pennant', '#c9302c', 40],
        'D-18' => ['Brick', '#8f3b2a', 40],
        'D-19' => ['Reed', '#7d8b4a', 40],
        'D-20' => ['Stem', '#3f6b35', 40],
        'D-21' => ['Kelp', '#2e4a3a', 40],
        'D-22' => ['Fell', '#5f7f5a', 40],
        'D-23' => ['Seedling', '#7fb24a', 40],
        'D-24' => ['Bracken', '#9a6b34', 40],
        'D-25' => ['Peat', '#3b2a20', 40],
        'D-26' => ['Paper Lamp', '#f2a65a', 40],
        'D-27' => ['Bronze', '#a97b2f', 40],
        'D-28' => ['Crust', '#c58a4a', 40],
        'D-29' => ['Old Gold', '#cfa440', 40],
        'D-30' => ['Cord', '#6b5a45', 40],
        'D-31' => ['Foam', '#dcebf0', 40],
        'D-32' => ['Heather', '#9a7aa8', 40],
        'D-33' => ['Duck Egg', '#a9d0c8', 40],
        'D-34' => ['Blush', '#eab6a8', 40],
        'D-61' => ['Stem fine', '#41693a', 60],
        'D-62' => ['Chalk fine', '#f5f3ea', 60],
        'D-63' => ['Peat fine', '#41301f', 60],
        'D-64' => ['Ink fine', '#1e2433', 60],
        'D-65' => ['Ember fine', '#cf4a2e', 60],
        'D-66' => ['Mere fine', '#316d8c', 60],
    ];

    /** code, name, kind, driver, outer w, h, window w, h, corner, round, offset x, y, count */
    private const FRAMES = [
        ['R-9', 'Round, 9 cm', 'round', 'flat', 116, 116, 90, 90, 0, true, 0, 0, 6],
        ['R-12', 'Round, 12 cm', 'round', 'flat', 148, 148, 120, 120, 0, true, 0, 0, 6],
        ['R-15', 'Round, 15 cm', 'round', 'flat', 180, 180, 150, 150, 0, true, 0, 0, 4],
        ['S-18', 'Square, 18 cm', 'square', 'flat', 214, 214, 180, 180, 18, false, 0, 0, 4],
        ['S-30', 'Oblong, 30 by 24 cm', 'square', 'flat', 338, 278, 300, 240, 22, false, 0, 0, 4],
        ['G-13', 'Magnet, 13 cm', 'magnetic', 'flat', 158, 158, 130, 130, 6, false, 0, 0, 4],
        ['G-34', 'Magnet, 34 by 20 cm', 'magnetic', 'flat', 372, 232, 340, 200, 8, false, 0, 0, 2],
        ['K-1', 'Cap ring', 'cap', 'cap', 190, 96, 170, 78, 10, false, 0, 0, 5],
        ['T-8', 'Cylinder, 8 cm', 'cylinder', 'cylinder', 104, 100, 84, 80, 8, false, 0, 0, 2],
        ['P-10', 'Clamp, 10 by 7 cm', 'clamp', 'clamp', 150, 120, 100, 70, 2, false, 0, -9, 1],
    ];

    /** code, name, heads, needles, top speed, drivers, driver, frame, threads from needle 1 on, pinned */
    private const MACHINES = [
        [
            'M1',
            'Heron',
            1,
            15,
            1000,
            ['flat', 'cap', 'clamp'],
            'cap',
            'K-1',
            [
                'D-03',
                'D-01',
                'D-12',
                'D-11',
                'D-17',
                'D-14',
                'D-20',
                'D-07',
                'D-05',
                'D-30',
                'D-09',
                'D-26',
                'D-62',
                'D-64',
                'D-04',
            ],
            [1, 2],
        ],
        [
            'M2',
            'Wren',
            1,
            6,
            800,
            ['flat', 'cylinder'],
            'flat',
            'R-9',
            ['D-03', 'D-27', 'D-29', 'D-02', 'D-61', 'D-63'],
            [1],
        ],
        [
            'M3',
            'Twins',
            2,
            12,
            900,
            ['flat', 'cap'],
            'flat',
            'S-30',
            ['D-03', 'D-16', 'D-13', 'D-22', 'D-24', 'D-07', 'D-01', 'D-08', 'D-20', 'D-06', 'D-32', 'D-04'],
            [1],
        ],
    ];

    /** Threads with two cones. */
    private const TWICE = ['D-01', 'D-03', 'D-12', 'D-17'];

    /** Threads of which less is left than is planned to be sewn. */
    private const LITTLE = ['D-16' => 610];

    /** Versions of another artwork. */
    private const VERSIONS = ['Ringers’ bell, cap' => ['Ringers’ bell', Variant::Cap]];

    /** artwork, fabric, backing, layers, needle, speed, passed, remark, who, days ago */
    private const SEW_OUTS = [
        [
            'Ferry roundel',
            'pique',
            'cutaway',
            2,
            '75/11 ballpoint',
            750,
            false,
            'Rim drew in by a millimetre: one more layer.',
            'Ilse',
            19,
        ],
        [
            'Ferry roundel',
            'pique',
            'cutaway',
            2,
            '75/11 ballpoint',
            700,
            true,
            'Flat after unhooping, rim closed.',
            'Ilse',
            18,
        ],
        ['Lantern row', 'twill', 'tear_away', 2, '75/11 sharp', 600, true, '', 'Odo', 16],
        ['Loaf and moon', 'canvas', 'tear_away', 2, '75/11 sharp', 850, true, '', 'Odo', 12],
        [
            'Ringers’ bell, cap',
            'twill',
            'tear_away',
            2,
            '80/12 sharp',
            550,
            false,
            'Clapper off its place: slack pushed in from the left.',
            'Ilse',
            9,
        ],
    ];

    public static function build(CarbonImmutable $at): void
    {
        DB::table('plans')->insert(['id' => 1, 'version' => 1]);
        foreach (array_keys(self::THREADS) as $i => $code) {
            [$name, $hex, $weight] = self::THREADS[$code];
            $thread = Thread::query()->create(['code' => $code, 'name' => $name, 'hex' => $hex, 'weight' => $weight]);
            $shelf = sprintf('%s%d', chr(65 + intdiv($i, 8)), ($i % 8) + 1);
            $metres = self::LITTLE[$code] ?? 600 + (($i * 977) % 4300);
            // What is used most stands there twice: one cone begun, one whole.
            foreach (in_array($code, self::TWICE, true) ? [$metres, 5000] : [$metres] as $cone => $left) {
                $thread->cones()->create([
                    'number' => $cone + 1,
                    'shelf' => $cone === 0 ? $shelf : $shelf.' behind',
                    'metres_left' => $left,
                    'measured_at' => $at,
                ]);
            }
        }
        foreach (
            self::FRAMES as [$code, $name, $kind, $driver, $ow, $oh, $ww, $wh, $corner, $round, $ox, $oy, $count]
        ) {
            Frame::query()->create([
                'code' => $code,
                'name' => $name,
                'kind' => $kind,
                'driver' => $driver,
                'outer_width_mm' => $ow,
                'outer_height_mm' => $oh,
                'window_width_mm' => $ww,
                'window_height_mm' => $wh,
                'corner_mm' => $corner,
                'round' => $round,
                'offset_x_mm' => $ox,
                'offset_y_mm' => $oy,
                'count' => $count,
            ]);
        }
        foreach (
            self::MACHINES as [$code, $name, $heads, $needles, $top, $drivers, $driver, $frame, $threads, $pinned]
        ) {
            $machine = Machine::query()->create([
                'code' => $code,
                'name' => $name,
                'heads' => $heads,
                'needles' => $needles,
                'top_spm' => $top,
                'drivers' => $drivers,
                'driver' => $driver,
                'frame_id' => Frame::query()->where('code', $frame)->value('id'),
                'token_hash' => hash('sha256', self::token($code)),
            ]);
            foreach ($threads as $i => $thread) {
                $on = Thread::query()->where('code', $thread)->firstOrFail();
                Needle::query()->create([
                    'machine_id' => $machine->id,
                    'number' => $i + 1,
                    'thread_id' => $on->id,
                    'pinned' => in_array($i + 1, $pinned, true),
                    'size' => NeedleType::forThread($on->weight)->size,
                    'point' => NeedleType::forThread($on->weight)->point,
                ]);
            }
        }
        DemoSetup::build($at);
        self::artworks($at);
    }

    /** A machine's token: made from the shop's secret, so that the machines started beside the server know theirs. */
    public static function token(string $machine): string
    {
        return hash_hmac('sha256', "machine {$machine}", (string) config('shop.machine_secret'));
    }

    private static function artworks(CarbonImmutable $at): void
    {
        $house = app(House::class);
        $threads = Thread::query()->pluck('id', 'code');
        $ids = [];
        foreach (DemoArtworks::all() as $name => [$pattern, $codes]) {
            $tape = (new TapeWriter())->toString($pattern);
            [$of, $variant] = self::VERSIONS[$name] ?? [null, Variant::Standard];
            $artwork = Artwork::query()->create([
                'name' => $name,
                'file_name' => strtolower(str_replace([' ', '’', ','], ['-', '', ''], $name)).'.dst',
                'checksum' => hash('sha256', $tape),
                'bytes' => strlen($tape),
                'created_at' => $at->subDays(20),
                'family_id' => $of === null ? null : $ids[$of],
                'variant' => $variant->value,
                'lettering' => $name === 'Reed stalk' ? false : null,
            ]);
            $ids[$name] = $artwork->id;
            Storage::put($artwork->tapePath(), $tape);
            (new ReadTape($artwork->id))->handle($house);
            foreach ($artwork->blocks()->get() as $i => $block) {
                // One artwork came in today and nobody has chosen its last thread yet.
                $block->update(['thread_id' => $name === 'Paddle mark' && $i === 2 ? null : $threads[$codes[$i]]]);
            }
        }
        foreach (
            self::SEW_OUTS as [$name, $fabric, $backing, $layers, $needle, $speed, $passed, $remark, $who, $days]
        ) {
            Artwork::query()
                ->findOrFail($ids[$name])
                ->sewOuts()
                ->create([
                    'revision' => 1,
                    'fabric' => $fabric,
                    'backing' => $backing,
                    'layers' => $layers,
                    'needle' => $needle,
                    'speed_spm' => $speed,
                    'passed' => $passed,
                    'remark' => $remark,
                    'who' => $who,
                    'sewn_at' => $at->subDays($days),
                ]);
        }
    }
}
