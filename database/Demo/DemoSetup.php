<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Garment\Models\GarmentStyle;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\People\Models\Person;
use App\Setup\Models\KeptPlacement;
use App\Stock\Models\BackingStock;
use Carbon\CarbonImmutable;
use Hakama\House\Role;
use Illuminate\Support\Facades\DB;

/** What the workroom knows of garments, frames and machines, what backing lies there, and who has practised what. */
final class DemoSetup
{
    private const PEOPLE = ['Ilse', 'Odo', 'Maren'];

    /** name => facts, worth of one in cents, and measures by size */
    private const STYLES = [
        'Landing' => [
            ['garment' => 'polo', 'fabric' => 'pique', 'stretch' => 'low', 'thickness' => 'medium'],
            1450,
            [
                'S' => ['chest_width' => 485, 'body_length' => 700, 'neck_opening' => 246, 'sleeve_width' => 162],
                'M' => ['chest_width' => 535, 'body_length' => 720, 'neck_opening' => 260, 'sleeve_width' => 172],
                'L' => ['chest_width' => 585, 'body_length' => 740, 'neck_opening' => 274, 'sleeve_width' => 182],
                'XL' => ['chest_width' => 635, 'body_length' => 760, 'neck_opening' => 288, 'sleeve_width' => 192],
            ],
        ],
        'Furrow' => [
            ['garment' => 'tee', 'fabric' => 'jersey', 'stretch' => 'low', 'thickness' => 'light'],
            720,
            [
                'XS' => ['chest_width' => 430, 'body_length' => 660, 'sleeve_length' => 200, 'sleeve_width' => 158],
                'S' => ['chest_width' => 475, 'body_length' => 685, 'sleeve_length' => 208, 'sleeve_width' => 168],
                'M' => ['chest_width' => 520, 'body_length' => 710, 'sleeve_length' => 216, 'sleeve_width' => 178],
                'L' => ['chest_width' => 570, 'body_length' => 735, 'sleeve_length' => 224, 'sleeve_width' => 190],
            ],
        ],
        'Deckhand' => [
            ['garment' => 'hoodie', 'fabric' => 'fleece', 'stretch' => 'low', 'thickness' => 'medium'],
            2900,
            [
                'S' => ['chest_width' => 530, 'body_length' => 670],
                'M' => ['chest_width' => 580, 'body_length' => 690],
                'L' => ['chest_width' => 630, 'body_length' => 710],
                'XL' => ['chest_width' => 680, 'body_length' => 730],
            ],
        ],
        'Storm' => [
            ['garment' => 'jacket', 'fabric' => 'canvas', 'stretch' => 'none', 'thickness' => 'medium'],
            5200,
            ['M' => ['chest_width' => 605, 'body_length' => 725]],
        ],
        'Quayside' => [
            ['garment' => 'cap', 'fabric' => 'twill', 'structure' => 'structured', 'profile' => 'mid'],
            880,
            ['one' => ['circumference' => 582, 'height' => 112]],
        ],
        'Oven' => [
            ['garment' => 'apron', 'fabric' => 'canvas', 'stretch' => 'none', 'thickness' => 'medium'],
            1500,
            ['one' => ['width' => 720, 'height' => 860]],
        ],
        'Market' => [
            ['garment' => 'bag', 'fabric' => 'canvas', 'stretch' => 'none', 'thickness' => 'medium'],
            640,
            ['one' => ['width' => 390, 'height' => 420]],
        ],
        'Lakeside' => [
            ['garment' => 'towel', 'fabric' => 'plush', 'surface' => 'pile'],
            1150,
            ['one' => ['width' => 500, 'height' => 1000]],
        ],
        'Picnic' => [
            ['garment' => 'blanket', 'fabric' => 'plush', 'surface' => 'pile'],
            4600,
            ['one' => ['width' => 1300, 'height' => 1500]],
        ],
    ];

    /** frame => holes in the arms, label on the machine */
    private const FIXED = [
        'R-9' => ['2 and 2', 'a'],
        'R-12' => ['3 and 3', 'b'],
        'R-15' => ['4 and 4', 'c'],
        'S-18' => ['5 and 5', 'd'],
        'S-30' => ['7 and 7', 'f'],
        'G-13' => ['3 and 3', 'k'],
        'G-34' => ['8 and 8', 'm'],
        'K-1' => ['', 'cap'],
        'T-8' => ['', 'tube'],
        'P-10' => ['', 'f'],
    ];

    /** machine => arm, room under the carriage, turns caps, driver changes in minutes */
    private const MACHINES = [
        'M1' => [64, 45, true, ['cap>flat' => 12]],
        'M2' => [52, 0, null, null],
        'M3' => [70, 60, false, null],
    ];

    /** kind, form, width, length, count */
    private const BACKING = [
        ['cutaway', 'roll', 500, 38_000, 1],
        ['cutaway', 'piece', 200, 200, 60],
        ['cutaway', 'off_cut', 240, 180, 9],
        ['tear_away', 'roll', 500, 21_000, 1],
        ['tear_away', 'piece', 250, 150, 120],
        ['tear_away', 'off_cut', 200, 170, 14],
        ['mesh', 'roll', 500, 1_400, 1],
        ['wash_away', 'piece', 300, 300, 8],
    ];

    /** fabric, kind of frame, who, on scrap, came out, did not, what was learned, days ago */
    private const PRACTICE = [
        ['twill', 'cap', 'Odo', false, 61, 2, 'Clips on both posts, or the sides flag.', 2],
        ['twill', 'cap', 'Ilse', true, 2, 1, '', 16],
        ['pique', 'round', 'Ilse', false, 118, 1, 'Two layers, or the rim draws in.', 4],
        ['canvas', 'square', 'Odo', false, 74, 0, '', 3],
        ['canvas', 'round', 'Maren', false, 22, 1, '', 6],
        ['jersey', 'round', 'Maren', true, 3, 2, 'Stretched in the frame: it rippled out of it.', 9],
        ['fleece', 'round', 'Ilse', true, 0, 1, 'Sank in without film.', 12],
    ];

    /** style, position, size, peg, down */
    private const KEPT = [['landing', 'left_chest', 'M', '12', 198], ['landing', 'left_chest', 'L', '13', 204]];

    public static function build(CarbonImmutable $at): void
    {
        foreach (self::PEOPLE as $i => $name) {
            Person::query()->create(['name' => $name, 'role' => $i === 0 ? Role::Owner : Role::Operator]);
        }
        foreach (self::STYLES as $name => [$facts, $cents, $measures]) {
            GarmentStyle::query()->create([
                'name' => $name,
                ...$facts,
                'unit_value_cents' => $cents,
                'measures' => $measures,
            ]);
        }
        foreach (self::FIXED as $code => [$holes, $label]) {
            Frame::query()
                ->where('code', $code)
                ->update(['holes' => $holes, 'label' => $label]);
        }
        foreach (self::MACHINES as $code => [$arm, $gap, $turns, $minutes]) {
            Machine::query()
                ->where('code', $code)
                ->firstOrFail()
                ->update([
                    'arm_width_mm' => $arm,
                    'gap_mm' => $gap,
                    'turns_caps' => $turns,
                    'driver_min' => $minutes,
                ]);
        }
        foreach (self::BACKING as [$kind, $form, $width, $length, $count]) {
            BackingStock::query()->create([
                'kind' => $kind,
                'form' => $form,
                'width_mm' => $width,
                'length_mm' => $length,
                'count' => $count,
            ]);
        }
        DB::table('practices')->insert(
            array_map(
                static fn(array $one): array => [
                    'fabric' => $one[0],
                    'frame_kind' => $one[1],
                    'who' => $one[2],
                    'on_scrap' => $one[3],
                    'came_out' => $one[4],
                    'failed' => $one[5],
                    'remark' => $one[6],
                    'last_at' => $at->subDays($one[7]),
                ],
                self::PRACTICE,
            ),
        );
        foreach (self::KEPT as [$garment, $position, $size, $peg, $down]) {
            KeptPlacement::query()->create([
                'garment' => $garment,
                'position' => $position,
                'size' => $size,
                'peg' => $peg,
                'down_mm' => $down,
                'across_mm' => 100,
                'who' => 'Ilse',
                'kept_at' => $at->subDays(30),
            ]);
        }
    }
}
