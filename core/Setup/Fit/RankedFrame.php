<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\House\Units;

/** A frame with how it fits and what it costs to use it. */
final readonly class RankedFrame
{
    /**
     * @param int        $choice of its driver: 0 for the best of those that would do, since a seam opened to lie flat is
     *     work and risk
     * @param Passage|null $entry  whether it goes into the garment; null where it does not have to, or nobody knows
     * @param Passage|null $arm    whether the sewing arm does
     * @param Hold|null  $hold   how it lies on the cloth; null where it does not, or nobody knows
     */
    public function __construct(
        public Fit $fit,
        public FrameChange $change,
        public int $choice = 0,
        public Grip $grip = Grip::Any,
        public ?Passage $entry = null,
        public ?Passage $arm = null,
        public ?Hold $hold = null,
    ) {}

    public function goesIn(): bool
    {
        return ($this->entry?->goesIn() ?? true) && ($this->arm?->goesIn() ?? true);
    }

    public function liesOn(): bool
    {
        return $this->hold?->isWhole() ?? true;
    }

    /** Whether the design fits the frame and the frame the garment. */
    public function fits(): bool
    {
        return $this->fit->fits() && $this->goesIn() && $this->liesOn();
    }

    /** Why it is taken before the others, or what is wrong with the best there is. */
    public function because(Units $units = Units::Millimetres): string
    {
        $why = implode(', ', array_filter([
            $this->choice === 0 ? 'on the driver that suits best' : 'the better driver has no frame for it',
            $this->grip->words(),
            $this->change->words(),
            'the smallest window that holds it',
        ], static fn(string $one): bool => $one !== ''));

        return "{$this->fit->frame->id}: ".
            ($this->obstacle($units) ?? "{$why}. {$this->fit->because($units)}{$this->moved($units)}");
    }

    /** What keeps it from being used; null where nothing does. */
    public function obstacle(Units $units = Units::Millimetres): ?string
    {
        return match (true) {
            ! $this->fit->fits() => $this->fit->because($units),
            $this->entry !== null && ! $this->entry->goesIn()
                => "the design would fit, but the frame does not go in: {$this->entry->words($units)}.",
            $this->arm !== null && ! $this->arm->goesIn()
                => "the design would fit, but the sewing arm does not go in: {$this->arm->words($units)}.",
            $this->hold !== null && ! $this->hold->isWhole()
                => "the design would fit, but the frame does not lie on the cloth: {$this->hold->words($units)}.",
            default => null,
        };
    }

    private function moved(Units $units): string
    {
        return $this->hold !== null && $this->hold->isMoved()
            ? sprintf(
                ' Hoop it off the middle of the frame: the frame goes %s, so that it lies whole on the cloth.',
                $this->offWords($units),
            )
            : '';
    }

    private function offWords(Units $units): string
    {
        [$dx, $dy] = [$this->hold->offMiddle->x ?? 0.0, $this->hold->offMiddle->y ?? 0.0];

        return implode(' and ', array_filter([
            abs($dx) > 0.05 ? $units->said(abs($dx)).($dx > 0 ? ' to the right' : ' to the left') : '',
            abs($dy) > 0.05 ? $units->said(abs($dy)).($dy > 0 ? ' up' : ' down') : '',
        ], static fn(string $one): bool => $one !== ''));
    }

    /** @return array{int, int, int, int, float, string} lower is better */
    public function rank(): array
    {
        $window = $this->fit->frame->window;

        return [
            $this->fits() ? 0 : 1,
            $this->choice,
            $this->grip->rank(),
            $this->change->value,
            $window->widthMm * $window->heightMm,
            $this->fit->frame->id,
        ];
    }
}
