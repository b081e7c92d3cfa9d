<?php

declare(strict_types=1);

namespace App\Setup\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use Closure;
use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\UnfitRule;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Facts\Applied;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\Letters;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Facts\OrderVerdict;
use Hakama\Setup\Facts\WorkHistory;
use Hakama\Setup\Loading\End;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\Rules\OtherSchool;
use Hakama\Setup\Rules\Reason;
use Hakama\Setup\Tube\Motif;
use Hakama\Setup\Tube\TubeLayout;
use Hakama\Stitch\Band;
use Hakama\Stitch\Figures\Verdict;
use InvalidArgumentException;

final class SetupAdvise extends JsonCommand
{
    private const MOST_MM = 5000.0;

    protected $signature = 'setup:advise {file : JSON, or - for standard input}';
    protected $description = 'Says how to set up one decoration, and why';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $json = Json::of($file, $this->contents($file));
        $house = self::house($json);
        $facts = self::facts($json);
        $frames = $json->has('frames') ? array_map(self::frame(...), $json->objects('frames')) : null;
        $json->done();
        $advice = Advice::of($facts, $house, $frames);
        $fit = $advice->fit;
        $piece = $fit === null ? null : BackingPiece::under($fit->frame, $house->value(HouseRule::BackingOverlap));
        $note = static fn(Note|Warning $note): array => ['code' => $note->code, 'text' => $note->text];

        return [
            'loading' => [
                'towards_machine' => $advice->loading()->end->value,
                'bracket' => $advice->loading()->bracketWords(),
                'text' => $advice->loading()->words(),
            ],
            'access' => $advice->access()->value,
            'hoopings' => $advice->hoopings(),
            'verdict' => $advice->verdict(),
            'frame' =>
                $fit === null
                    ? null
                    : [
                        'id' => $fit->frame->id,
                        'kind' => $fit->frame->kind->value,
                        'slack_mm' => array_map(static fn(float $mm): float => round($mm, 1), [
                            'left' => $fit->slack->leftMm,
                            'right' => $fit->slack->rightMm,
                            'top' => $fit->slack->topMm,
                            'bottom' => $fit->slack->bottomMm,
                        ]),
                    ],
            'driver' => ($fit->frame->driver ?? ($advice->drivers[0] ?? null))?->value,
            'turn_deg' => $advice->turnToSet()->value,
            'backing' => [
                [
                    'kind' => $advice->backing->backing->value,
                    'layers' => $advice->backing->count,
                    'adhesive' => $advice->backing->adhesive,
                    'size_mm' => $piece === null ? null : [$piece->widthMm, $piece->heightMm],
                ],
            ],
            'topper' => $advice->topper,
            'needle' => ['size' => $advice->needle->size, 'point' => $advice->needle->point],
            'thread_weight' => $advice->threadWeight,
            'speed_spm' => $advice->speedSpm,
            'place' => [
                'from' => $advice->placement->from(),
                'down_mm' => $advice->placement->downMm,
                'across_mm' => $advice->placement->acrossMm,
            ],
            'steps' => array_map($note, $advice->steps),
            'warnings' => array_map($note, $advice->warnings),
            'cautions' => array_map($note, $advice->cautions),
            'because' => array_values(
                array_map(
                    static fn(Reason $because): array => [
                        'about' => $because->about->value,
                        'rule' => $because->rule,
                        'text' => $because->text,
                    ],
                    $advice->becauses(),
                ),
            ),
            'other_schools' => array_map(
                static fn(OtherSchool $other): array => [
                    'about' => $other->about,
                    'rule' => $other->rule,
                    'text' => $other->text,
                ],
                $advice->otherSchools(),
            ),
        ];
    }

    private static function facts(Json $json): Facts
    {
        $artwork = $json->inner('artwork');
        $machine = $json->has('machine') ? $json->inner('machine') : Json::object('machine', []);
        $sizes = $json->has('sizes_mm') ? $json->inner('sizes_mm') : Json::object('sizes_mm', []);
        $motifs = $json->has('motifs') ? array_map(self::motif(...), $json->objects('motifs')) : [];
        $mm = static fn(Json $of, string $key): ?float => $of->has($key) ? $of->number($key, 0, self::MOST_MM) : null;
        $facts = new Facts(
            self::design($artwork, $mm, $motifs),
            new Item(
                $json->enum('garment', Garment::class),
                $json->enum('position', Position::class),
                new ClothSpec(
                    $json->has('fabric') ? $json->enum('fabric', Fabric::class) : Fabric::Other,
                    $json->has('stretch') ? $json->enum('stretch', Stretch::class) : null,
                    $json->has('thickness') ? $json->enum('thickness', Thickness::class) : null,
                    $json->has('pale') && $json->bool('pale'),
                ),
                $json->has('structure') ? $json->enum('structure', Structure::class) : Structure::None,
                $json->has('profile') ? $json->enum('profile', Profile::class) : Profile::None,
                $json->has('size') ? $json->enum('size', Size::class) : null,
                self::measures($sizes, $mm),
            ),
            new OnMachine(
                self::drivers($machine),
                $machine->has('needles') ? $machine->int('needles', 1, 60) : null,
                $mm($machine, 'arm_width_mm'),
                $machine->has('turns_caps_itself') ? $machine->bool('turns_caps_itself') : null,
                $machine->has('gap_under_carriage') ? $machine->bool('gap_under_carriage') : null,
            ),
            new WorkHistory(
                unitValueCents: $json->has('unit_value_cents') ? $json->int('unit_value_cents', 0, 100_000_000) : null,
                practised: $json->has('practised') ? $json->bool('practised') : null,
                overlaps: self::overlaps($motifs),
            ),
        );
        // Of no consequence: how high the letters are is what counts.
        $artwork->has('lettering') && $artwork->bool('lettering');
        foreach ([$artwork, $machine, $sizes] as $inner) {
            $inner->done();
        }

        return $facts;
    }

    /** @return array{End, Motif} the end it is measured from, and where it lies from there */
    private static function motif(Json $json): array
    {
        $json->number('width_mm', 0.1, self::MOST_MM);
        $at = $json->number('at_mm', 0, self::MOST_MM);
        $from = $json->enum('from', End::class);
        $motif = new Motif($json->where(''), $at, $at + $json->number('height_mm', 0.1, self::MOST_MM));
        $json->done();

        return [$from, $motif];
    }

    /**
     * @param list<array{End, Motif}> $motifs
     *
     * @return list<string> those that are measured from one end and lie over each other, in words
     */
    private static function overlaps(array $motifs): array
    {
        $said = [];
        foreach (array_unique(array_map(static fn(array $one): string => $one[0]->value, $motifs)) as $end) {
            $said[] = TubeLayout::of(
                array_map(
                    static fn(array $one): array => [$one[1]->name, $one[1]->heightMm(), $one[1]->fromMm],
                    array_filter($motifs, static fn(array $one): bool => $one[0]->value === $end),
                ),
                0.0,
                0.0,
            )->overlaps();
        }

        return array_merge([], ...$said);
    }

    /**
     * @param Closure(Json, string): ?float $mm
     * @param list<array{End, Motif}>      $motifs
     */
    private static function design(Json $artwork, Closure $mm, array $motifs): Design
    {
        $verdict = static fn(string $key): ?Verdict => $artwork->has($key)
            ? $artwork->enum($key, Verdict::class)
            : null;

        return new Design(
            $artwork->number('width_mm', 0.1, self::MOST_MM),
            $artwork->number('height_mm', 0.1, self::MOST_MM),
            $artwork->int('stitches', 1, 10_000_000),
            40,
            $artwork->has('colours') ? $artwork->int('colours', 1, 255) : 1,
            new Letters($mm($artwork, 'smallest_letter_mm')),
            new Applied($artwork->has('applique_stops') ? $artwork->int('applique_stops', 0, 255) : 0),
            new OrderVerdict($verdict('centre_out'), $verdict('bottom_up')),
            self::bands($motifs),
        );
    }

    /**
     * Where the motifs lie along the tube. What is measured from its other end is put far beyond the first ones: how
     * long the tube is nobody has said, and no hooping takes both.
     *
     * @param list<array{End, Motif}> $motifs
     *
     * @return list<Band>
     */
    private static function bands(array $motifs): array
    {
        $bands = [];
        foreach ($motifs as [$end, $motif]) {
            $beyond = $end === $motifs[0][0] ? 0.0 : 2 * self::MOST_MM;
            $bands[] =
                $beyond === 0.0
                    ? new Band($motif->fromMm, $motif->toMm)
                    : new Band($beyond - $motif->toMm, $beyond - $motif->fromMm);
        }

        return $bands;
    }

    /** @param Closure(Json, string): ?float $mm */
    private static function measures(Json $sizes, Closure $mm): Measures
    {
        $known = [];
        foreach (Measure::cases() as $measure) {
            $known[$measure->value] = $mm($sizes, $measure->value);
        }
        try {
            return new Measures(array_filter($known, static fn(?float $value): bool => $value !== null));
        } catch (InvalidArgumentException $e) {
            throw UnfitInput::because('sizes_mm', $e);
        }
    }

    /** @return list<Driver> all of them where no machine is named */
    private static function drivers(Json $machine): array
    {
        return $machine->has('drivers')
            ? array_map(
                static fn(string $name): Driver => Driver::tryFrom($name) ??
                    throw UnfitInput::at($machine->where('drivers'), 'flat, cap, cylinder and clamp are known'),
                $machine->strings('drivers'),
            )
            : Driver::cases();
    }

    private static function frame(Json $json): FrameSpec
    {
        [$outerWidth, $outerHeight] = $json->pair('outer_mm', 1, self::MOST_MM);
        [$width, $height] = $json->pair('window_mm', 1, self::MOST_MM);
        [$offsetX, $offsetY] = $json->has('offset_mm')
            ? $json->pair('offset_mm', -self::MOST_MM, self::MOST_MM)
            : [0.0, 0.0];
        $kind = $json->enum('kind', FrameKind::class);
        $round = $json->has('round') ? $json->bool('round') : $kind->isRound();
        $frame = new FrameSpec(
            $json->string('id'),
            $kind,
            $json->enum('driver', Driver::class),
            $outerWidth,
            $outerHeight,
            $round ? Window::ellipse($width, $height) : Window::rectangle($width, $height),
            $offsetX,
            $offsetY,
            $json->has('count') ? $json->int('count', 0, 1000) : 1,
        );
        $json->done();

        return $frame;
    }

    /** Figures and schools in one object, as the shop writes them. */
    private static function house(Json $json): HouseRules
    {
        $figures = $schools = [];
        foreach ($json->has('house_rules') ? $json->inner('house_rules')->values() : [] as $name => $value) {
            if (is_string($value)) {
                $schools[$name] = $value;
            } elseif ((is_int($value) || is_float($value)) && HouseRule::tryFrom($name) !== null) {
                $figures[$name] = (float) $value;
            } else {
                throw UnfitInput::at($json->where('house_rules'), "{$name} is no house rule, or its value is none");
            }
        }
        try {
            return HouseRules::of($figures, $schools);
        } catch (UnfitRule $e) {
            throw UnfitInput::because($json->where('house_rules'), $e);
        }
    }
}
