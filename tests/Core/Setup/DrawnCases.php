<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measures;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRules;
use Hakama\House\Question;
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
use Hakama\Setup\Facts\WorkHistory;
use Hakama\Setup\Proof\SetupCase;
use Hakama\Stitch\Figures\Verdict;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Cases drawn from all that can be said: every garment at every place, on every kind of machine, by every school. */
final class DrawnCases
{
    private const DRIVERS = [
        'round' => Driver::Flat, 'square' => Driver::Flat, 'magnetic' => Driver::Flat, 'cap' => Driver::Cap,
        'cylinder' => Driver::Cylinder, 'clamp' => Driver::Clamp, 'pocket' => Driver::Cap,
    ];

    private function __construct(private readonly Randomizer $chance) {}

    /** @return iterable<SetupCase> */
    public static function of(int $count, int $seed): iterable
    {
        $drawn = new self(new Randomizer(new Mt19937($seed)));
        for ($i = 0; $i < $count; $i++) {
            yield $drawn->one();
        }
    }

    private function one(): SetupCase
    {
        $house = HouseRules::of([], $this->schools());
        $facts = new Facts(
            new Design(
                (float) $this->pick([20, 40, 60, 90, 120, 150, 200, 260]),
                (float) $this->pick([15, 30, 45, 55, 60, 70, 90, 150, 250]),
                $this->pick([1000, 4000, 9000, 20000, 60000]),
                40,
                $this->pick([1, 4, 16]),
                new Letters($this->pick([null, 2.5, 4.0, 10.0])),
                new Applied($this->pick([0, 0, 2, 4]), $this->pick([false, false, true])),
                new OrderVerdict(
                    $this->pick([null, Verdict::Yes, Verdict::No, Verdict::Unclear]),
                    $this->pick([null, Verdict::Yes, Verdict::No]),
                ),
            ),
            $this->item()->estimated($house),
            new OnMachine(
                $this->pick([[Driver::Flat], [Driver::Flat, Driver::Cap], Driver::cases(), [Driver::Cap]]),
                $this->pick([6, 12, 15]),
                $this->pick([50.0, 70.0, 90.0]),
                $this->pick([null, true, false]),
                $this->pick([null, true, false]),
            ),
            new WorkHistory(practised: $this->pick([null, true, false])),
        );
        $frames = [];
        for ($i = $this->chance->getInt(0, 6); $i > 0; $i--) {
            $frames[] = $this->frame("F{$i}");
        }

        return SetupCase::of($facts, $house, $this->pick([$frames, $frames, $frames, null]));
    }

    private function item(): Item
    {
        return new Item(
            $this->pick(Garment::cases()),
            $this->pick(Position::cases()),
            new ClothSpec(
                $this->pick(Fabric::cases()),
                $this->pick([null, ...Stretch::cases()]),
                $this->pick([null, ...Thickness::cases()]),
                $this->pick([null, true, false]),
            ),
            $this->pick(Structure::cases()),
            $this->pick(Profile::cases()),
            $this->pick([null, Size::XS, Size::M, Size::XXL]),
            new Measures($this->pick([[], [], ['neck_opening' => 150.0], ['chest_width' => 480.0], ['circumference' => 300.0]])),
        );
    }

    private function frame(string $id): FrameSpec
    {
        $kind = $this->pick(FrameKind::cases());
        [$width, $height] = [(float) $this->pick([60, 90, 120, 200, 300]), (float) $this->pick([60, 75, 120, 200])];
        $height = $kind === FrameKind::Round ? $width : $height;

        return new FrameSpec(
            $id,
            $kind,
            self::DRIVERS[$kind->value],
            $width + 20,
            $height + 20,
            $kind->isRound() ? Window::ellipse($width, $height) : Window::rectangle($width, $height),
            $this->pick([0.0, 0.0, 3.0]),
        );
    }

    /** @return array<string, string> question => school */
    private function schools(): array
    {
        $schools = [];
        foreach (Question::cases() as $question) {
            if ($this->chance->getInt(0, 3) === 0) {
                $schools[$question->value] = $this->pick($question->schools())->value;
            }
        }

        return $schools;
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }
}
