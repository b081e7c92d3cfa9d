<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\House\Units;
use Hakama\Stitch\Point;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

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
    public function because(Units $units = Units::Millimetres): Text
    {
        $obstacle = $this->obstacle($units);

        return new Text('setup.fit.frame_because', [
            'frame' => $this->fit->frame->id,
            'why' => $obstacle ?? Texts::sentences(
                new Text('setup.fit.chosen', ['reasons' => new Texts(Joined::Comma, ...$this->reasons())]),
                $this->fit->because($units),
                $this->moved($units),
            ),
        ]);
    }

    /** @return list<Text> for taking it before the others */
    private function reasons(): array
    {
        return [
            new Text($this->choice === 0 ? 'setup.fit.best_driver' : 'setup.fit.other_driver'),
            ...($this->grip === Grip::Any ? [] : [$this->grip->words()]),
            $this->change->words(),
            new Text('setup.fit.smallest_window'),
        ];
    }

    /** What keeps it from being used; null where nothing does. */
    public function obstacle(Units $units = Units::Millimetres): ?Text
    {
        return match (true) {
            ! $this->fit->fits() => $this->fit->because($units),
            $this->entry !== null && ! $this->entry->goesIn()
                => new Text('setup.fit.frame_does_not_go_in', ['passage' => $this->entry->words($units)]),
            $this->arm !== null && ! $this->arm->goesIn()
                => new Text('setup.fit.arm_does_not_go_in', ['passage' => $this->arm->words($units)]),
            $this->hold !== null && ! $this->hold->isWhole()
                => new Text('setup.fit.not_on_cloth', ['hold' => $this->hold->words($units)]),
            default => null,
        };
    }

    private function moved(Units $units): Text|string
    {
        return $this->hold !== null && $this->hold->isMoved()
            ? new Text('setup.fit.off_middle', ['way' => $this->offWords($this->hold->offMiddle, $units)])
            : '';
    }

    private function offWords(Point $off, Units $units): Texts
    {
        return Texts::all(
            abs($off->x) > 0.05
                ? new Text($off->x > 0 ? 'setup.fit.to_the_right' : 'setup.fit.to_the_left', ['mm' => $units->said(abs($off->x))])
                : '',
            abs($off->y) > 0.05
                ? new Text($off->y > 0 ? 'setup.fit.up' : 'setup.fit.down', ['mm' => $units->said(abs($off->y))])
                : '',
        );
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
