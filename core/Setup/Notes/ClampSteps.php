<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Clamp\ProvingDesign;
use Hakama\Words\Decimal;
use Hakama\Words\Text;

/**
 * How a machine that takes every window of a clamp for its largest frame is shown so, and how the true centre of the
 * window is found. The manual decides.
 */
final class ClampSteps
{
    /**
     * @param ProvingDesign|null $proving null where no design tells the two largest frames apart
     *
     * @return list<Note>
     */
    public static function of(?ProvingDesign $proving, HouseRules $house): array
    {
        $frames = $proving === null ? [] : [
            'largest' => $proving->largest->id,
            'second' => $proving->second->id,
            'width' => new Decimal($proving->widthMm, 0),
        ];
        $note = static fn(string $code, ?Decimal $nudge = null): Note => new Note(
            $code,
            new Text("steps.clamp.{$code}", $nudge === null ? $frames : ['nudge' => $nudge]),
            WorkStage::Preflight,
        );

        return [
            new Note(
                'clamp_largest',
                new Text($proving === null ? 'steps.clamp.clamp_any_largest' : 'steps.clamp.clamp_largest', $frames),
                WorkStage::Preflight,
            ),
            ...$proving === null ? [] : [$note('clamp_prove')],
            $note('clamp_nudge', new Decimal($house->value(HouseRule::ClampNudge))),
            $note('clamp_too_far'),
            $note('clamp_no_scan'),
            $note('clamp_notches'),
            $note('clamp_corners'),
        ];
    }
}
