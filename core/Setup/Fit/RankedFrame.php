<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\House\Units;

/** A frame with how it fits and what it costs to use it. */
final readonly class RankedFrame
{
    /**
     * @param bool $goesIn whether the garment is wide enough for it
     * @param int  $choice  of its driver: 0 for the best of those that would do, since a seam opened to lie flat is
     *     work and risk
     */
    public function __construct(
        public Fit $fit,
        public FrameChange $change,
        public bool $goesIn = true,
        public int $choice = 0,
    ) {}

    /** Whether the design fits the frame and the frame the garment. */
    public function fits(): bool
    {
        return $this->goesIn && $this->fit->fits();
    }

    /** Why it is taken before the others, or what is wrong with the best there is. */
    public function because(Units $units = Units::Millimetres): string
    {
        return sprintf(
            '%s: %s',
            $this->fit->frame->id,
            match (true) {
                ! $this->goesIn => 'the design would fit, but the garment or the arm does not let it in.',
                ! $this->fit->fits() => $this->fit->because($units),
                default => implode(', ', [
                    $this->choice === 0 ? 'on the driver that suits best' : 'the better driver has no frame for it',
                    $this->change->words(),
                    'the smallest window that holds it',
                ]).
                    '. '.
                    $this->fit->because($units),
            },
        );
    }

    /** @return array{int, int, int, float, string} lower is better */
    public function rank(): array
    {
        $window = $this->fit->frame->window;

        return [
            $this->fits() ? 0 : 1,
            $this->choice,
            $this->change->value,
            $window->widthMm * $window->heightMm,
            $this->fit->frame->id,
        ];
    }
}
