<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Artwork\Jobs\ReadTape;
use App\Artwork\Models\Artwork;
use App\Foundation\ShopProfile;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Needles\Models\Care;
use App\Needles\Models\Needle;
use App\Plan\Models\Plan;
use App\Shop\House;
use App\Stock\Actions\ThreadShelf;
use App\Stock\Models\Cloth;
use App\Stock\Models\Hardware;
use App\Stock\Models\Thread;
use Carbon\CarbonImmutable;
use Hakama\Artwork\Variant;
use Hakama\Floor\Care\CareTask;
use Hakama\Machine\FrameSet;
use Hakama\Machine\NeedleType;
use Hakama\Stitch\Tape\TapeWriter;
use Hakama\Thread\ColourCard;
use Hakama\Thread\ShelfRow;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** What the workroom of Tarn & Tiller in Ullenmere owns. */
final class DemoShop
{
    /** Made up: no bank has this account. */
    private const LETTERHEAD = [
        'street' => 'Weir Lane 8',
        'postcode' => '4810',
        'city' => 'Ullenmere',
        'country' => 'IE',
        'tax_number' => 'IE0000001A',
        'email' => 'desk@tarn-and-tiller.example',
        'phone' => '0555 0100',
        'registration' => 'Register of Ullenmere 77',
        'bank' => 'Bank of the Lake',
        'iban' => 'IE83ULLE00000000000001',
        'bic' => 'ULLEIE00',
        'no_tax_reason' => 'No tax is charged: small business.',
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
    private const VERSIONS = [
        'Ringers’ bell, cap' => ['Ringers’ bell', Variant::Cap],
        'Ferry badge, sheet of 6' => ['Ferry badge', Variant::Copies],
    ];

    private const SHEETS = ['Ferry badge, sheet of 6' => 6];

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
        ShopProfile::set([
            'name' => 'Tarn & Tiller',
            'zone' => (string) config('app.timezone'),
            'is_demo' => true,
            'calendar_secret' => bin2hex(random_bytes(16)),
            'begun_at' => $at,
            'letterhead' => self::LETTERHEAD,
        ]);
        Plan::query()->firstOrCreate(['id' => 1], ['version' => 1]);
        foreach (array_values(ColourCard::threads()) as $i => $of) {
            $code = $of->code;
            $thread = Thread::query()->create([
                'code' => $code,
                'name' => $of->name,
                'hex' => $of->hex,
                'weight' => $of->weight,
            ]);
            foreach (self::cones($i, $code) as $number => [$shelf, $left]) {
                $thread->cones()->create([
                    'number' => $number,
                    'shelf' => $shelf,
                    'metres_left' => $left,
                    'measured_at' => $at,
                ]);
            }
        }
        foreach (FrameSet::cases() as $set) {
            foreach ($set->frames() as $name => $frame) {
                Frame::query()->create(Frame::columns($frame, $name));
            }
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
                'paired_at' => $at,
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
        self::care($at);
        DemoSetup::build($at);
        foreach (
            [
                ['W-10', 'Wool felt, moss', '#5d6b45', 900, 4200, false],
                ['W-11', 'Wool felt, cream', '#efe6cf', 900, 1500, false],
                ['L-02', 'Linen, rust', '#8f4a2f', 1400, 600, true],
            ] as [$code, $name, $hex, $width, $length, $fusible]
        ) {
            Cloth::query()->create([
                'code' => $code,
                'name' => $name,
                'hex' => $hex,
                'width_mm' => $width,
                'length_mm' => $length,
                'fusible' => $fusible,
            ]);
        }
        foreach ([['SN-4', 'Snap, brass', 18, 60], ['DR-25', 'Ring, 25 mm', 42, 12]] as [$code, $name, $cents, $there]) {
            Hardware::query()->create(['code' => $code, 'name' => $name, 'unit_cents' => $cents, 'counted' => $there]);
        }
        self::artworks($at);
    }

    /** Cones are measured, and as full as on the first day: whatever was sewn from them meanwhile was bought again. */
    public static function fillUp(CarbonImmutable $at): void
    {
        $rows = [];
        foreach (array_values(ColourCard::threads()) as $i => $of) {
            foreach (self::cones($i, $of->code) as $number => [$shelf, $left]) {
                $rows[] = new ShelfRow($of->code, $of->name, $of->hex, $of->weight, $number, $shelf, $left);
            }
        }
        CarbonImmutable::withTestNow($at, static fn() => ThreadShelf::takeOver($rows, ThreadShelf::sign()));
    }

    /** @return array<int, array{string, int}> number of the cone => where it stands, metres on it */
    private static function cones(int $i, string $code): array
    {
        $shelf = sprintf('%s%d', chr(65 + intdiv($i, 8)), ($i % 8) + 1);
        $begun = [1 => [$shelf, self::LITTLE[$code] ?? 600 + (($i * 977) % 4300)]];

        // What is used most stands there twice: one cone begun, one whole.
        return in_array($code, self::TWICE, true) ? $begun + [2 => ["{$shelf} behind", 5000]] : $begun;
    }

    /** Hooks oiled the evening before; the tension of one machine was not tried for a week. */
    private static function care(CarbonImmutable $at): void
    {
        foreach (Machine::query()->pluck('id', 'code') as $code => $id) {
            foreach ([[CareTask::Oil, 1], [CareTask::Tension, $code === 'M3' ? 8 : 2]] as [$task, $days]) {
                Care::query()->create([
                    'event_id' => Str::uuid()->toString(),
                    'machine_id' => $id,
                    'task' => $task,
                    'stitches' => 0,
                    'who' => $task === CareTask::Oil ? 'Odo' : 'Ilse',
                    'done_at' => $at->subDays($days),
                ]);
            }
        }
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
                'copies' => self::SHEETS[$name] ?? 1,
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
        foreach (['W-11', 'W-10', 'L-02'] as $i => $cloth) {
            Artwork::query()
                ->findOrFail($ids['Harbour at dusk'])
                ->blocks()
                ->where('number', 3 * $i + 1)
                ->update(['cloth_id' => Cloth::query()->where('code', $cloth)->value('id')]);
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
