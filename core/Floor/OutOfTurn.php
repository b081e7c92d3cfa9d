<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** An event that cannot follow on what happened before it. */
final class OutOfTurn extends Refusal
{
    /** The id of the event, where it stands in a log. */
    public ?string $event = null;

    /** The same of an event that is in the log already. */
    public static function inLog(Event $event, self $why): self
    {
        $of = new self($why->text);
        $of->event = $event->id;

        return $of;
    }

    public static function of(EventKind $kind, Stage $stage): self
    {
        return new self(
            new Text("floor.out_of_turn.{$stage->value}", ['event' => new Text("floor.event.{$kind->value}")]),
        );
    }

    public static function notCounted(int $piece): self
    {
        return new self(new Text('floor.out_of_turn.not_counted', ['piece' => $piece]));
    }

    public static function neverSpoiled(): self
    {
        return new self(new Text('floor.out_of_turn.never_spoiled'));
    }

    public static function foreignPiece(int $piece): self
    {
        return new self(new Text('floor.out_of_turn.foreign_piece', ['piece' => $piece]));
    }
}
