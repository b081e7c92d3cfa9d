<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Words\Text;

/** What not everybody may set up and run alone. A skill that nobody was signed off for everybody may do. */
enum Skill: string
{
    case Caps = 'caps';
    case Clamps = 'clamps';
    case Lettering = 'lettering';

    /**
     * What a batch asks of whoever sets it up and tends it.
     *
     * @param Driver $driver       that carries its frame
     * @param bool   $hasLettering each piece has a text of its own
     *
     * @return list<self>
     */
    public static function wantedBy(Driver $driver, bool $hasLettering): array
    {
        $wanted = match ($driver) {
            Driver::Cap => [self::Caps],
            Driver::Clamp => [self::Clamps],
            Driver::Flat, Driver::Cylinder => [],
        };

        return $hasLettering ? [...$wanted, self::Lettering] : $wanted;
    }

    /** The kind of frame in which it is practised; null where no frame is its own. */
    public function frameKind(): ?FrameKind
    {
        return match ($this) {
            self::Caps => FrameKind::Cap,
            self::Clamps => FrameKind::Clamp,
            self::Lettering => null,
        };
    }

    public function label(): Text
    {
        return new Text("people.skill.{$this->value}");
    }

    /** What it is about, within a sentence. */
    public function words(): Text
    {
        return new Text("people.skill_words.{$this->value}");
    }
}
