<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Foundation\Words\IcuTranslator;
use App\Foundation\Words\Words;
use Hakama\Words\Decimal;
use Hakama\Words\Refusal;
use Hakama\Words\Text;
use Hakama\Words\Texts;
use Illuminate\Container\Container;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Translation\FileLoader;

/** What the core means to say, in English as it stands in lang/, without an application around it. */
final class Said
{
    public static function of(Text|Texts|Decimal|string|null $what): string
    {
        $container = Container::getInstance();
        if (! $container->bound('translator')) {
            $loader = new FileLoader(new Filesystem(), dirname(__DIR__, 2).'/lang');
            $container->instance('translator', new IcuTranslator($loader, 'en'));
        }

        return Words::say($what);
    }

    /**
     * @param array<array-key, Text|Texts|string> $several
     *
     * @return list<string>
     */
    public static function each(array $several): array
    {
        return array_map(self::of(...), array_values($several));
    }

    /** Why it was refused; "" where it was not. */
    public static function refusalOf(callable $does): string
    {
        try {
            $does();
        } catch (Refusal $refusal) {
            return self::of($refusal->text);
        }

        return '';
    }
}
