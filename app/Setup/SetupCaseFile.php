<?php

declare(strict_types=1);

namespace App\Setup;

use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use Closure;
use Hakama\Garment\ClothSpec;
use Hakama\Garment\End;
use Hakama\Garment\Fabric;
use Hakama\Garment\FeatureKind;
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
use Hakama\Setup\Facts\Applied;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\Letters;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Facts\OrderVerdict;
use Hakama\Setup\Facts\TypedFeature;
use Hakama\Setup\Facts\WorkHistory;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Setup\Proof\SetupCase;
use Hakama\Setup\Tube\Motifs;
use Hakama\Setup\Tube\PlacedMotif;
use Hakama\Stitch\Figures\Verdict;
use InvalidArgumentException;

/** One decoration as it is written in a file: every key is checked, and one that nobody knows is an error. */
final class SetupCaseFile
{
    private const MOST_MM = 5000.0;

    /** What the two verdicts on the order of sewing are, by the word for it. */
    private const ORDERS = [
        'middle_out' => [Verdict::Yes, null],
        'left_to_right' => [Verdict::No, null],
        'right_to_left' => [Verdict::No, null],
        'bottom_up' => [null, Verdict::Yes],
        'unknown' => [null, null],
    ];

    /** @throws UnfitInput when something is missing, unknown or no value */
    public static function read(Json $json): SetupCase
    {
        $house = self::house($json);
        $facts = self::facts($json, $house);
        $frames = $json->has('frames') ? array_map(self::frame(...), $json->objects('frames')) : null;
        $json->done();

        return SetupCase::of($facts, $house, $frames);
    }

    private static function facts(Json $json, HouseRules $house): Facts
    {
        $artwork = $json->inner('artwork');
        $machine = $json->has('machine') ? $json->inner('machine') : Json::object('machine', []);
        $sizes = $json->has('sizes_mm') ? $json->inner('sizes_mm') : Json::object('sizes_mm', []);
        $all = $json->has('motifs') ? array_map(self::motif(...), $json->objects('motifs')) : [];
        $motifs = $all === [] ? null : new Motifs($all);
        $mm = static fn(Json $of, string $key): ?float => $of->has($key) ? $of->number($key, 0, self::MOST_MM) : null;
        $item = self::item($json, $sizes, $mm)->estimated($house);
        $facts = new Facts(
            self::design($json, $artwork, $mm, $motifs),
            $item,
            (new OnMachine(
                self::drivers($machine),
                $machine->has('needles') ? $machine->int('needles', 1, 60) : null,
                $mm($machine, 'arm_width_mm'),
                $machine->has('turns_caps_itself') ? $machine->bool('turns_caps_itself') : null,
                $machine->has('gap_under_carriage') ? $machine->bool('gap_under_carriage') : null,
            ))->withArm($house->value(HouseRule::ArmWidth)),
            new WorkHistory(
                unitValueCents: $json->has('unit_value_cents') ? $json->int('unit_value_cents', 0, 100_000_000) : null,
                practised: $json->has('practised') ? $json->bool('practised') : null,
                kept: self::place($json),
            ),
            $motifs,
        );
        // Of no consequence: how high the letters are is what counts.
        $artwork->has('lettering') && $artwork->bool('lettering');
        foreach ([$artwork, $machine, $sizes] as $inner) {
            $inner->done();
        }

        return $facts;
    }

    /** @param Closure(Json, string): ?float $mm */
    private static function item(Json $json, Json $sizes, Closure $mm): Item
    {
        $garment = $json->enum('garment', Garment::class);
        $stretch = $json->has('stretch') ? $json->enum('stretch', Stretch::class) : null;
        $thickness = $json->has('thickness') ? $json->enum('thickness', Thickness::class) : null;
        $pale = $json->has('pale') ? $json->bool('pale') : null;

        return new Item(
            $garment,
            $json->enum('position', Position::class),
            $json->has('fabric')
                ? new ClothSpec($json->enum('fabric', Fabric::class), $stretch, $thickness, $pale)
                : ClothSpec::usualOf($garment, $stretch, $thickness, $pale),
            $json->has('structure') ? $json->enum('structure', Structure::class) : Structure::None,
            $json->has('profile') ? $json->enum('profile', Profile::class) : Profile::None,
            $json->has('size') ? $json->enum('size', Size::class) : null,
            self::measures($sizes, $mm),
            features: $json->has('features') ? array_map(self::feature(...), $json->objects('features')) : null,
        );
    }

    private static function feature(Json $json): TypedFeature
    {
        $kind = $json->enum('kind', FeatureKind::class);
        [$left, $right] = $json->pair('across_mm', -self::MOST_MM, self::MOST_MM);
        [$from, $to] = $json->pair('down_mm', -self::MOST_MM, self::MOST_MM);
        if ($right < $left || $to < $from) {
            throw UnfitInput::at($json->where('across_mm'), 'the smaller figure comes first, across and down');
        }
        $json->done();

        return new TypedFeature($kind, $left, $right, $from, $to);
    }

    /** Where it is to go, if that is not left to the house: down from where the house measures, and across. */
    private static function place(Json $json): ?FoundPlacement
    {
        if (! $json->has('place')) {
            return null;
        }
        $place = $json->inner('place');
        $mm = static fn(string $key): ?float => $place->has($key)
            ? $place->number($key, -self::MOST_MM, self::MOST_MM)
            : null;
        $found = new FoundPlacement(downMm: $mm('down_mm'), acrossMm: $mm('across_mm'));
        $place->done();

        return $found;
    }

    /** Said by one word, or by a verdict each on middle outwards and bottom upwards, which come before it. */
    private static function order(Json $json, Json $artwork): OrderVerdict
    {
        $word = null;
        foreach ([$artwork, $json] as $of) {
            if ($of->has('sewing_order')) {
                $word ??= self::ORDERS[$of->string('sewing_order')] ?? throw UnfitInput::at(
                    $of->where('sewing_order'),
                    'one of '.implode(', ', array_keys(self::ORDERS)).' is wanted here',
                );
            }
        }
        $verdict = static fn(string $key): ?Verdict => $artwork->has($key)
            ? $artwork->enum($key, Verdict::class)
            : null;

        return new OrderVerdict($verdict('centre_out') ?? $word[0] ?? null, $verdict('bottom_up') ?? $word[1] ?? null);
    }

    private static function motif(Json $json): PlacedMotif
    {
        $motif = new PlacedMotif(
            $json->where(''),
            $json->enum('from', End::class),
            $json->number('width_mm', 0.1, self::MOST_MM),
            $json->number('height_mm', 0.1, self::MOST_MM),
            $json->number('at_mm', 0, self::MOST_MM),
        );
        $json->done();

        return $motif;
    }

    /** @param Closure(Json, string): ?float $mm */
    private static function design(Json $json, Json $artwork, Closure $mm, ?Motifs $motifs): Design
    {
        return new Design(
            $artwork->number('width_mm', 0.1, self::MOST_MM),
            $artwork->number('height_mm', 0.1, self::MOST_MM),
            $artwork->int('stitches', 1, 10_000_000),
            40,
            $artwork->has('colours') ? $artwork->int('colours', 1, 255) : 1,
            new Letters($mm($artwork, 'smallest_letter_mm')),
            new Applied($artwork->has('applique_stops') ? $artwork->int('applique_stops', 0, 255) : 0),
            self::order($json, $artwork),
            $motifs?->bands() ?? [],
        );
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
            $json->has('low_line_mm') ? $json->number('low_line_mm', 0, 60) : null,
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
