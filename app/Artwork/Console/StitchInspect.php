<?php

declare(strict_types=1);

namespace App\Artwork\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Words\Words;
use Hakama\House\HouseRules;
use Hakama\Stitch\Figures\BlockFigures;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Finding;
use Hakama\Stitch\Inspection\Inspection;
use Hakama\Thread\ThreadUse;

final class StitchInspect extends JsonCommand
{
    protected $signature = 'stitch:inspect {file : a stitch tape, or - for standard input}';
    protected $description = 'Counts and measures a stitch tape';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $pattern = $this->pattern($file);
        $figures = PatternFigures::of($pattern, HouseRules::of()->measuring());
        $use = ThreadUse::of($figures->lengths->totalMm(), $figures->counts->stitches, HouseRules::of()->threadUse());

        return [
            'format' => 'dst',
            'name' => $pattern->name,
            'stitches' => $figures->counts->stitches,
            'jumps' => $figures->counts->jumps,
            'trims' => $figures->counts->trims,
            'colour_changes' => $figures->counts->changes,
            'blocks' => array_map(
                static fn(BlockFigures $block): array => [
                    'index' => $block->index,
                    'stitches' => $block->stitches,
                    'length_mm' => round($block->lengthMm, 1),
                    'trims' => $block->trims,
                ],
                $figures->blocks,
            ),
            'bounds_mm' => [
                'left' => $figures->bounds->left,
                'right' => $figures->bounds->right,
                'bottom' => $figures->bounds->bottom,
                'top' => $figures->bounds->top,
                'width' => $figures->bounds->width(),
                'height' => $figures->bounds->height(),
            ],
            'longest_stitch_mm' => round($figures->lengths->longestMm(), 2),
            'shortest_stitch_mm' => round($figures->lengths->shortestMm(), 2),
            'sewn_length_mm' => round($figures->lengths->totalMm(), 1),
            'thread_m' => ['top' => round($use->topM, 2), 'bobbin' => round($use->bobbinM, 2)],
            'order' => [
                'centre_out' => $figures->order->centreOut->value,
                'bottom_up' => $figures->order->bottomUp->value,
            ],
            'findings' => array_map(
                static fn(Finding $finding): array => [
                    'code' => $finding->code->value,
                    'message' => Words::say($finding->message),
                ],
                Inspection::of($pattern, $figures, HouseRules::of()->measuring())->findings,
            ),
        ];
    }
}
