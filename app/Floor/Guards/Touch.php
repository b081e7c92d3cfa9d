<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use App\Floor\Queries\Running;
use App\Floor\Queries\Station;
use Hakama\Floor\EventKind;

/** What somebody at a machine is about to say, before it is recorded. */
final readonly class Touch
{
    /**
     * @param string       $text     the name on the piece, as it was confirmed
     * @param string       $override why the batch goes on before the first piece was looked at; '' where nobody says
     * @param list<string> $checked  lines of the list that were confirmed
     * @param string       $who      stands at the machine; '' where nobody has said
     */
    public function __construct(
        public EventKind $kind,
        public Station $station,
        public Running $running,
        public string $text,
        public string $override,
        public array $checked,
        public string $who,
    ) {}
}
