<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use BackedEnum;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\Units;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Applied;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\Letters;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Facts\OrderVerdict;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Setup\Tube\Motifs;
use Hakama\Setup\Tube\PlacedMotif;
use Hakama\Stitch\Figures\Verdict;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;
use InvalidArgumentException;

/** One fact said otherwise, all else equal: what would turn a decision, or cure a stop. */
final readonly class FactChange
{
    /** @param mixed $value of the type the fact has; of a house rule its question and school */
    private function __construct(public Fact $fact, private mixed $value) {}

    public static function garment(Garment $garment): self
    {
        return new self(Fact::Garment, $garment);
    }

    public static function position(Position $position): self
    {
        return new self(Fact::Position, $position);
    }

    public static function structure(Structure $structure): self
    {
        return new self(Fact::Structure, $structure);
    }

    public static function profile(Profile $profile): self
    {
        return new self(Fact::Profile, $profile);
    }

    public static function fabric(Fabric $fabric): self
    {
        return new self(Fact::Fabric, $fabric);
    }

    public static function stretch(Stretch $stretch): self
    {
        return new self(Fact::Stretch, $stretch);
    }

    public static function thickness(Thickness $thickness): self
    {
        return new self(Fact::Thickness, $thickness);
    }

    public static function pale(bool $pale): self
    {
        return new self(Fact::Pale, $pale);
    }

    /** @throws InvalidArgumentException when the fact is no length */
    public static function mm(Fact $fact, float $mm): self
    {
        return match ($fact) {
            Fact::Neck, Fact::Chest, Fact::Circumference, Fact::SleeveWidth, Fact::LegWidth, Fact::PieceWidth,
            Fact::PocketWidth, Fact::Width, Fact::Height, Fact::SmallestLetter, Fact::ArmWidth
                => new self($fact, round($mm, 1)),
            default => throw new InvalidArgumentException("{$fact->value} is no length"),
        };
    }

    public static function stitches(int $stitches): self
    {
        return new self(Fact::Stitches, max(1, $stitches));
    }

    public static function appliedStops(int $stops): self
    {
        return new self(Fact::AppliedStops, $stops);
    }

    public static function sewnMiddleOut(): self
    {
        return new self(Fact::SewingOrder, new OrderVerdict(Verdict::Yes));
    }

    /** @param list<Driver> $drivers */
    public static function drivers(array $drivers): self
    {
        return new self(Fact::Drivers, $drivers);
    }

    public static function turnsCaps(bool $turns): self
    {
        return new self(Fact::TurnsCaps, $turns);
    }

    /** @param list<FrameSpec> $frames */
    public static function frames(array $frames): self
    {
        return new self(Fact::Frames, $frames);
    }

    public static function placed(?float $downMm, ?float $acrossMm): self
    {
        return new self(
            Fact::Place,
            new FoundPlacement(
                downMm: $downMm === null ? null : round($downMm, 1),
                acrossMm: $acrossMm === null ? null : round($acrossMm, 1),
            ),
        );
    }

    public static function motifs(Motifs $motifs): self
    {
        return new self(Fact::Motifs, $motifs);
    }

    public static function school(string $question, string $school): self
    {
        return new self(Fact::HouseRules, [$question => $school]);
    }

    /** Where it goes, of a change of the place. */
    public function place(): ?FoundPlacement
    {
        return $this->value instanceof FoundPlacement ? $this->value : null;
    }

    public function applyTo(SetupCase $case): SetupCase
    {
        [$facts, $value] = [$case->facts, $this->value];
        if ($this->fact === Fact::Frames && is_array($value)) {
            /** @var list<FrameSpec> $value */
            return $case->withFrames($value);
        }
        if ($this->fact === Fact::HouseRules && is_array($value)) {
            /** @var array<string, string> $value */
            return $case->withHouse($case->house->with([], $value));
        }

        return $case->withFacts(
            new Facts(
                $this->design($facts->design),
                $this->item($facts->item, $case),
                $this->machine($facts->machine),
                $value instanceof FoundPlacement ? $facts->history->withKept($value) : $facts->history,
                $value instanceof Motifs ? $value : $facts->motifs,
            ),
        );
    }

    private function design(Design $design): Design
    {
        [$fact, $value] = [$this->fact, $this->value];
        $mm = is_float($value) ? $value : 0.0;

        return new Design(
            $fact === Fact::Width ? $mm : $design->widthMm,
            $fact === Fact::Height ? $mm : $design->heightMm,
            $fact === Fact::Stitches && is_int($value) ? $value : $design->stitches,
            $design->threadWeight,
            $design->colours,
            $fact === Fact::SmallestLetter ? new Letters($mm, $design->letters->apart) : $design->letters,
            $fact === Fact::AppliedStops && is_int($value) ? new Applied($value) : $design->applied,
            $value instanceof OrderVerdict ? $value : $design->order,
            $value instanceof Motifs ? $value->bands() : $design->bands,
            $design->copies,
        );
    }

    private function item(Item $item, SetupCase $case): Item
    {
        $value = $this->value;

        return match (true) {
            $value instanceof Garment => $item->asGarment($value, $case->house),
            $value instanceof Position => $item->at($value, $case->house),
            $value instanceof Profile => $item->withProfile($value, $case->house),
            $value instanceof Structure => $item->withStructure($value),
            $value instanceof Fabric => $item->withCloth($item->cloth->ofFabric($value)),
            $value instanceof Stretch => $item->withCloth($item->cloth->withStretch($value)),
            $value instanceof Thickness => $item->withCloth($item->cloth->withThickness($value)),
            $this->fact === Fact::Pale && is_bool($value) => $item->withCloth($item->cloth->withPale($value)),
            is_float($value) && str_starts_with($this->fact->value, 'sizes_mm.') => $item->withMeasures(
                new Measures([Measure::from($this->fact->path()[1])->value => $value]),
            ),
            default => $item,
        };
    }

    private function machine(OnMachine $machine): OnMachine
    {
        $value = $this->value;
        if ($this->fact === Fact::Drivers && is_array($value)) {
            /** @var list<Driver> $value */
            return $machine->withDrivers($value);
        }

        return match ($this->fact) {
            Fact::TurnsCaps => $machine->turningCaps($value === true),
            Fact::ArmWidth => is_float($value) ? $machine->withOwnArm($value) : $machine,
            default => $machine,
        };
    }

    /** @return array<string, mixed> as it is written in files: to be merged into the facts, lists replaced whole */
    public function written(): array
    {
        $value = $this->value;
        $plain = match (true) {
            $value instanceof OrderVerdict => 'middle_out',
            $value instanceof FoundPlacement => array_filter(
                ['down_mm' => $value->downMm, 'across_mm' => $value->acrossMm],
                static fn(?float $mm): bool => $mm !== null,
            ),
            $value instanceof Motifs => array_map(static fn(PlacedMotif $one): array => $one->written(), $value->all),
            default => self::plain($value),
        };
        $path = $this->fact->path();
        $last = array_pop($path);
        $written = [$last => $plain];
        foreach (array_reverse($path) as $key) {
            $written = [$key => $written];
        }

        return $written;
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof FrameSpec => $value->written(),
            $value instanceof BackedEnum => $value->value,
            is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }

    /** In words: "fabric twill", "width of the design 120 mm". */
    public function words(Units $units = Units::Millimetres): Text
    {
        return new Text('setup.turning.fact_is', [
            'fact' => $this->fact->label(),
            'value' => $this->said($this->value, $units),
        ]);
    }

    private function said(mixed $value, Units $units): Text|Texts|string
    {
        return match (true) {
            $value === null, $value === '', $value === [] => new Text('setup.turning.none'),
            $value instanceof OrderVerdict => new Text('setup.turning.middle_out'),
            $value instanceof Motifs => new Text('setup.turning.in_a_row'),
            $value instanceof FoundPlacement => new Texts(
                Joined::Comma,
                $value->downMm === null
                    ? ''
                    : new Text('setup.place.brief_down', ['length' => $units->said(abs($value->downMm))]),
                $value->acrossMm === null
                    ? ''
                    : new Text('setup.place.brief_across', ['length' => $units->said(abs($value->acrossMm))]),
            ),
            is_bool($value) => new Text($value ? 'common.answer.yes' : 'common.answer.no'),
            is_float($value) => $units->said($value, 1),
            is_array($value) && $this->fact === Fact::HouseRules => new Texts(Joined::Comma, ...self::schools($value)),
            is_array($value) => new Texts(
                Joined::Comma,
                ...array_map(fn(mixed $one): Text|Texts|string => $this->said($one, $units), array_values($value)),
            ),
            $value instanceof FrameSpec => $value->id,
            $value instanceof Garment, $value instanceof Position, $value instanceof Profile, $value instanceof Structure,
            $value instanceof Fabric, $value instanceof Stretch, $value instanceof Thickness, $value instanceof Driver
                => $value->label(),
            default => is_scalar($value) ? (string) $value : '',
        };
    }

    /**
     * @param array<mixed> $schools by their question
     *
     * @return list<Text>
     */
    private static function schools(array $schools): array
    {
        return array_map(
            static fn(int|string $question, mixed $school): Text => new Text(
                "questions.{$question}.".(is_string($school) ? $school : ''),
            ),
            array_keys($schools),
            $schools,
        );
    }
}
