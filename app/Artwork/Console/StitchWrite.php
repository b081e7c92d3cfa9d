<?php

declare(strict_types=1);

namespace App\Artwork\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\UnfitInput;
use App\Foundation\Words\Words;
use Hakama\Artwork\Making;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Tube\Hooping;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Setup\Tube\Motif;
use Hakama\Stitch\Band;
use Hakama\Stitch\Copies\DoesNotFit;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\NoPlaceForAStop;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternParts;
use Hakama\Stitch\Tape\TapeWriter;
use Hakama\Stitch\Turn;

final class StitchWrite extends JsonCommand
{
    protected $signature = 'stitch:write {file : a stitch tape, or - for standard input} {out : where the new tape goes}
        {--turn=0 : 0, 90, 180 or 270 degrees counter-clockwise} {--mirror : left to right, before turning}
        {--copies=1x1 : columns x rows} {--gap=5 : between copies, mm} {--field= : width x height the copies must stay in, mm}
        {--regroup : block 1 of every copy, then block 2 and so on} {--stop=* : put a halt after this stitch of the tape as it is}
        {--reach= : how much of a tube one hooping takes, mm: one tape a hooping, no motif across two}
        {--speed=800 : set on the machine, for the seconds saved}';
    protected $description = 'Turns, mirrors, copies and regroups a stitch tape, and says what was saved';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $out = (string) $this->argument('out');
        $speed = $this->number('speed', 50, 3000);
        $making = $this->making();
        $pattern = $this->pattern($file);
        try {
            $made = $making->of($pattern, HouseRules::of()->measuring());
        } catch (DoesNotFit|NoPlaceForAStop $e) {
            throw UnfitInput::because($file, $e);
        }
        $hoopings = $this->option('reach') === null ? [] : $this->hoopings($made->pattern, $out);
        if ($hoopings === []) {
            self::write($made->pattern, $out);
        }

        return [
            ...$hoopings === [] ? ['file' => $out] : ['hoopings' => $hoopings],
            'copies' => $making->grid?->copies() ?? 1,
            'before' => self::figures($made->before),
            'after' => self::figures($made->after),
            'saved' => [
                'colour_changes' => $made->changesSaved(),
                'trims' => $made->trimsSaved(),
                'jump_mm' => round($made->before->movedMm - $made->after->movedMm, 1),
                'seconds' => round($made->secondsSaved($speed, HouseRules::of()->runTime()), 1),
            ],
            'blocks_from' => $made->origins,
        ];
    }

    /**
     * One tape a hooping, numbered, its mark at nought. Nothing where it is hooped once.
     *
     * @return list<array<string, mixed>>
     */
    private function hoopings(Pattern $pattern, string $out): array
    {
        $rules = HouseRules::of();
        $reach = $this->number('reach', 1, 1000);
        $box = PatternFigures::of($pattern, $rules->measuring())->bounds;
        $motifs = array_map(
            static fn(Band $band): Motif => new Motif('A part of the design', $band->bottom, $band->top),
            Band::of($pattern, $rules->value(HouseRule::TubeBand)),
        );
        $hoopings = Hoopings::of($motifs, $reach);
        if ($hoopings->obstacle() !== null) {
            throw UnfitInput::at('--reach', Words::say($hoopings->obstacle()));
        }
        if (count($hoopings->hoopings) < 2) {
            return [];
        }
        $parts = PatternParts::of(
            $pattern,
            array_map(static fn(Hooping $one): Band => new Band($one->fromMm, $one->toMm), $hoopings->hoopings),
            $box->centre()->x,
            (int) $rules->value(HouseRule::TrimJumps),
        );
        $written = [];
        foreach ($hoopings->hoopings as $i => $hooping) {
            $file = preg_replace('/(\.[^.\/]*)?$/', '-'.($i + 1).'$1', $out, 1) ?? $out;
            self::write($parts[$i]->pattern, $file);
            $written[] = [
                'file' => $file,
                'mark_up_mm' => round($hooping->markMm - $box->bottom, 1),
                'height_mm' => round($hooping->toMm - $hooping->fromMm, 1),
                'stitches' => $parts[$i]->stitches(),
                'blocks_from' => array_keys($parts[$i]->blocks),
            ];
        }

        return $written;
    }

    /** Written beside its place first, so that a full disk leaves no half a tape behind. */
    private static function write(Pattern $pattern, string $out): void
    {
        if (
            ! is_dir(dirname($out))
            || @file_put_contents("{$out}.part", (new TapeWriter())->toString($pattern)) === false
            || ! @rename("{$out}.part", $out)
        ) {
            @unlink("{$out}.part");
            throw UnfitInput::at($out, 'it cannot be written there');
        }
    }

    private function making(): Making
    {
        $turn =
            Turn::tryFrom($this->number('turn', 0, 270)) ??
            throw UnfitInput::at('--turn', '0, 90, 180 or 270 is wanted here');
        [$columns, $rows] = array_map(
            intval(...),
            $this->pair('copies', '/^(\d{1,2})x(\d{1,2})$/', 'columns x rows are wanted here, such as 3x2'),
        );
        $field =
            $this->option('field') === null
                ? null
                : array_map(
                    floatval(...),
                    $this->pair(
                        'field',
                        '/^(\d{1,4}(?:\.\d+)?)x(\d{1,4}(?:\.\d+)?)$/',
                        'width x height in mm are wanted here, such as 120x80',
                    ),
                );
        $gap = filter_var($this->option('gap'), FILTER_VALIDATE_FLOAT);
        if ($gap === false || $gap < 0 || $gap > 100) {
            throw UnfitInput::at('--gap', 'a number from 0 to 100 is wanted here');
        }
        try {
            $grid = Grid::of($columns, $rows, $gap);
        } catch (DoesNotFit $e) {
            throw UnfitInput::because('--copies', $e);
        }

        return new Making(
            $turn,
            (bool) $this->option('mirror'),
            $grid,
            $field,
            (bool) $this->option('regroup'),
            array_map($this->stitch(...), array_values((array) $this->option('stop'))),
        );
    }

    private function stitch(mixed $given): int
    {
        $stitch = filter_var($given, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1]]);

        return $stitch === false ? throw UnfitInput::at('--stop', 'the number of a stitch is wanted here') : $stitch;
    }

    /** @return array{string, string} */
    private function pair(string $option, string $pattern, string $wanted): array
    {
        $typed = $this->option($option);

        return preg_match($pattern, is_string($typed) ? $typed : '', $found) === 1
            ? [$found[1], $found[2]]
            : throw UnfitInput::at("--{$option}", $wanted);
    }

    /** @return array<string, mixed> */
    private static function figures(PatternFigures $figures): array
    {
        return [
            'stitches' => $figures->counts->stitches,
            'jumps' => $figures->counts->jumps,
            'trims' => $figures->counts->trims,
            'colour_changes' => $figures->counts->changes,
            'jump_mm' => round($figures->movedMm, 1),
            'width_mm' => $figures->bounds->width(),
            'height_mm' => $figures->bounds->height(),
        ];
    }
}
