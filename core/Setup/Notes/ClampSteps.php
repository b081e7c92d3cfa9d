<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Clamp\ProvingDesign;

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
        $nudge = sprintf('%.1f', $house->value(HouseRule::ClampNudge));
        $lines = [
            'clamp_largest' =>
                $proving === null
                    ? 'Choose the largest frame on the machine: it takes every window of the clamp for that one.'
                    : "Choose {$proving->largest->id}, the largest frame, on the machine: it takes every window of the ".
                        'clamp for that one.',
            ...$proving === null
                ? []
                : [
                    'clamp_prove' => sprintf(
                        'Load the proving design, %.0f mm wide, and trace it with the needle up: %s would not take it, '.
                            'so the machine does only while it believes in %s. It is never sewn.',
                        $proving->widthMm,
                        $proving->second->id,
                        $proving->largest->id,
                    ),
                ],
            'clamp_nudge' =>
                "Where it refuses: power off, move the sensor arm by about {$nudge} mm, tighten it, power ".
                'on, and try again. One small step at a time.',
            'clamp_too_far' =>
                'Where it shows no frame at all the arm has gone too far: back to where it began, and '.
                'again from there.',
            'clamp_no_scan' => 'Do not let the machine scan or find the frame by itself: it would strike the clamp.',
            'clamp_notches' =>
                'Needle 1 by hand over the notches at the left and right, front and back: halfway between '.
                'them is the true centre. Write down how far it is from what the machine takes for the centre.',
            'clamp_corners' => 'By hand to each side and each corner of the window, needle up: look at the clearance.',
        ];

        return array_map(
            static fn(string $code, string $text): Note => new Note($code, $text, WorkStage::Preflight),
            array_keys($lines),
            $lines,
        );
    }
}
