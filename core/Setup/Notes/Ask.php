<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Setup\Rules\SetupTopic;
use Hakama\Words\Text;

/** A figure that decides and that nobody has given. */
final readonly class Ask
{
    /**
     * @param string           $fact    as it is named in files
     * @param Text             $why     what is asked, and what hangs on it
     * @param list<SetupTopic> $decides
     */
    public function __construct(public string $fact, public Text $why, public array $decides) {}

    /** @return non-empty-list<string> what hangs on it, as it is named in files: whether it may be sewn at all, where nothing else */
    public function decided(): array
    {
        return $this->decides === []
            ? ['verdict']
            : array_map(static fn(SetupTopic $one): string => $one->value, $this->decides);
    }
}
