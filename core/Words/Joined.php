<?php

declare(strict_types=1);

namespace Hakama\Words;

/** How several things are said one after the other. */
enum Joined: string
{
    case Sentences = 'sentences';
    case And = 'and';
    case Or = 'or';
    case Comma = 'comma';
    case Semicolon = 'semicolon';
}
