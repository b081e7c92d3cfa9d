<?php

declare(strict_types=1);

namespace Tests\Core;

use Hakama\Floor\Symptom;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Setup\Fit\Grip;
use Hakama\Setup\Notes\CautionTable;
use Hakama\Setup\Notes\SchoolTable;
use Hakama\Setup\Notes\StepTable;
use Hakama\Setup\Notes\WarningTable;
use Hakama\Setup\Rules\RuleTable;
use Hakama\Words\Text;
use MessageFormatter;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionEnum;
use UnitEnum;

/** Words stand in lang/, once, as people say them; nowhere else. */
final class WordsTest extends TestCase
{
    /** Units, formats and paper sizes are the same in every language that is here. */
    private const SAME_EVERYWHERE = '/^(mm|cm²|cm|mm²|m²|m|km|s|min|h|spm|kB|g\/m²|A4|CSV|XLSX|SVG|PDF|DST|EUR|ID|PIN|wt|rev|px|x|Hakama|K7PM-3XQA)$/u';

    /** Names that somebody gave, a table of the rules for whoever changes them, days as PHP reads them. */
    private const NO_SENTENCES = [
        'Thread/ColourCard.php', 'Machine/FrameSet.php', 'Setup/Notes/PracticeTable.php', 'Books/Period.php',
    ];

    /** Said to who writes programs or stands at the terminal, or asked of the database. */
    private const FOR_MACHINES = [
        '/Console/', '/Formats/', 'Foundation/Clock/ShopClock', 'Foundation/Database/', 'AnswerJson', 'PlanJson',
        'AdviceFile', 'SetupCaseFile', 'Queries/OpenBatches', 'Floor/Projections/', 'HakamaProvider', 'Shop/Models/Change.php',
        // Kept in the history and read from it again.
        'Orders/OrderFacts.php',
    ];

    /** What sounds translated (the words that are out). */
    private const OUT = [
        'reckon', 'it stands', 'is said', 'by whom', 'is looked at by', 'came to', 'goes otherwise', 'nothing is other',
        'once more', 'anew', 'take back', 'taken back', 'is wanted', 'wants its', 'write it down', 'nought', 'for whom',
        'looks like', 'is worth a word', 'where it stands', 'to the machine:', 'put right', 'in vain', 'at the moment',
    ];

    #[Test]
    public function a_view_holds_no_words(): void
    {
        $found = [];
        foreach (self::files('resources/views', '.blade.php') as $file) {
            foreach (self::wordsOfView((string) file_get_contents($file)) as $words) {
                $found[] = self::short($file).": {$words}";
            }
        }
        self::assertSame([], $found);
    }

    #[Test]
    public function a_script_holds_no_words(): void
    {
        $found = [];
        foreach (self::files('resources/js', '.js') as $file) {
            $source = preg_replace('/^\s*(\/\/|\*|\/\*).*$/m', '', (string) file_get_contents($file)) ?? '';
            preg_match_all('/[\'"`](?:\$\{[^}]*\} )?[A-Z][a-z]+(?: [a-z]|[^\'"`\w]*[\'"`];)[^\'"`]*/', $source, $sentences);
            $keys = '/^.(Error|Arrow|Enter|Escape|Tab|Accept|Space|Home|End)/';
            foreach (preg_grep($keys, $sentences[0], PREG_GREP_INVERT) ?: [] as $words) {
                $found[] = self::short($file).": {$words}";
            }
        }
        self::assertSame([], $found);
    }

    #[Test]
    public function the_application_says_nothing_by_itself(): void
    {
        $found = [];
        foreach (self::files('app', '.php') as $file) {
            if (! self::isForMachines($file)) {
                foreach (self::sentences((string) file_get_contents($file)) as $words) {
                    $found[] = self::short($file).": {$words}";
                }
            }
        }
        self::assertSame([], $found);
    }

    #[Test]
    public function the_core_says_nothing_by_itself(): void
    {
        $found = [];
        foreach (self::files('core', '.php') as $file) {
            if (array_filter(self::NO_SENTENCES, static fn(string $end): bool => str_ends_with($file, $end)) === []) {
                foreach (self::sentences((string) file_get_contents($file)) as $words) {
                    $found[] = self::short($file).": {$words}";
                }
            }
        }
        self::assertSame([], $found);
    }

    #[Test]
    public function whatever_the_core_may_mean_is_there(): void
    {
        self::assertGreaterThan(700, count(self::meant()));
        self::assertSame([], array_values(array_diff(self::meant(), array_keys(self::words()))));
    }

    /** @return list<string> keys of what tables and closed sets of the core say, which follow from their codes */
    private static function meant(): array
    {
        $asked = [];
        foreach (self::files('core', '.php') as $file) {
            $class = 'Hakama\\'.strtr(substr(self::short($file), 5, -4), '/', '\\');
            if (enum_exists($class)) {
                array_push($asked, ...self::ofEnum($class));
            }
        }
        foreach ([...StepTable::all(), ...CautionTable::all()] as $note) {
            array_push($asked, $note->when(), $note->text());
        }
        foreach (WarningTable::all() as $warning) {
            $asked[] = $warning->when();
        }
        foreach (RuleTable::all() as $rules) {
            foreach ($rules as $rule) {
                array_push($asked, $rule->when(), $rule->text());
            }
        }
        foreach (Symptom::cases() as $symptom) {
            foreach ($symptom->remedies() as $remedy) {
                array_push($asked, $remedy->cause, $remedy->do);
            }
        }
        foreach (Question::cases() as $question) {
            foreach ($question->schools() as $school) {
                array_push($asked, ...SchoolTable::changes($question, $school));
            }
        }

        return array_values(array_unique(array_map(static fn(Text $text): string => $text->key, $asked)));
    }

    /**
     * @param class-string<UnitEnum> $class
     *
     * @return list<Text> of what each case says without being asked anything
     */
    private static function ofEnum(string $class): array
    {
        $said = [];
        foreach ((new ReflectionEnum($class))->getMethods() as $method) {
            $says = (string) $method->getReturnType() === Text::class && $method->getNumberOfParameters() === 0;
            foreach ($says && $method->isPublic() && ! $method->isStatic() ? $class::cases() : [] as $case) {
                if ($case !== Grip::Any) {
                    $said[] = $method->invoke($case);
                }
            }
        }

        return $said;
    }

    #[Test]
    public function every_word_that_is_asked_for_is_there_and_every_word_that_is_there_is_asked_for(): void
    {
        $there = self::words();
        $asked = $named = $prefixes = [];
        foreach (self::files('resources/js', '.js') as $file) {
            $source = (string) file_get_contents($file);
            preg_match_all('/\bsay\(\'(\w+)\'/', $source, $said);
            preg_match_all('/[\'"`](\w+_)\$\{/', $source, $begun);
            // Both cases of a choice, and what stands in a list to be said.
            preg_match_all('/\'(\w+)\'/', $source, $any);
            foreach ($said[1] as $key) {
                $asked["common.script.{$key}"] = self::short($file);
            }
            $named += self::ofScripts($any[1]);
            $prefixes += self::ofScripts($begun[1]);
        }
        $sources = array_merge(...array_map(
            static fn(string $of): array => self::files($of, '.php'),
            ['resources/views', 'app', 'core'],
        ));
        foreach ($sources as $file) {
            $source = (string) file_get_contents($file);
            // A key may stand in a choice of two, so that what is named anywhere counts as asked for.
            preg_match_all('/[\'"]([a-z]+\.[a-z0-9_]+\.[a-z0-9_]+)[\'"]/', $source, $any);
            preg_match_all('/(?:(?:__|new Text)\(\s*\'|key=")([a-z]+\.[a-z0-9_]+\.[a-z0-9_]+)[\'"]/', $source, $sure);
            $named += array_fill_keys($any[1], true);
            // What follows a code is held to be there by the test before this one.
            preg_match_all('/[\'"]([a-z]+\.[a-z0-9_]+\.[a-z0-9_]*)(?:\{\$|\'\s*\.)/', $source, $begun);
            $prefixes += array_fill_keys($begun[1], true);
            $asked += array_fill_keys($sure[1], self::short($file));
        }
        self::assertGreaterThan(2000, count($asked));
        self::assertSame([], array_diff_key($asked, $there), 'asked for, and not in lang/');
        $begun = array_keys($prefixes);
        $unasked = array_filter(
            preg_grep(
                '/^(rules|questions)\./',
                array_diff(array_keys(array_diff_key($there, $named)), self::meant()),
                PREG_GREP_INVERT,
            ) ?: [],
            static fn(string $key): bool => array_filter(
                $begun,
                static fn(string $one): bool => str_starts_with($key, $one),
            ) === [],
        );
        self::assertSame([], array_values($unasked), 'in lang/, and nobody asks for it');
    }

    #[Test]
    public function every_house_rule_and_every_school_has_its_words(): void
    {
        $keys = [];
        foreach (HouseRule::cases() as $rule) {
            array_push($keys, "rules.{$rule->value}.label", "rules.{$rule->value}.help", "rules.{$rule->value}.unit");
        }
        foreach (Question::cases() as $question) {
            $keys[] = "questions.{$question->value}.question";
            foreach ($question->schools() as $school) {
                $keys[] = "questions.{$question->value}.{$school->value}";
            }
        }
        $there = preg_grep('/^(rules|questions)\.(?!changes|elsewhere)/', array_keys(self::words())) ?: [];
        self::assertSame([], array_diff($keys, $there), 'without words');
        self::assertSame([], array_values(array_diff($there, $keys)), 'words of what is no more');
        foreach (HouseRule::cases() as $rule) {
            self::assertStringEndsWith('.', self::words()["rules.{$rule->value}.help"]);
            self::assertLessThan(42, mb_strlen(self::words()["rules.{$rule->value}.label"]), 'a label names the thing');
        }
    }

    #[Test]
    public function each_word_is_a_pattern_with_one_space_between_words(): void
    {
        foreach (self::words() as $key => $words) {
            self::assertNotNull(MessageFormatter::create('en', $words), "{$key}: {$words}");
            self::assertDoesNotMatchRegularExpression('/^ {2}|(?<=\S) {2}|\n/', $words, $key);
            self::assertStringNotContainsString("'", $words, "{$key}: an apostrophe is ’ here, and ' quotes a pattern");
        }
    }

    #[Test]
    public function nothing_sounds_translated(): void
    {
        $found = [];
        foreach (self::words() as $key => $words) {
            foreach (self::OUT as $out) {
                if (preg_match('/\b'.preg_quote($out, '/').'/i', $words) === 1) {
                    $found[] = "{$key}: {$words}";
                }
            }
        }
        self::assertSame([], $found);
    }

    /**
     * @param list<string> $keys
     *
     * @return array<string, true>
     */
    private static function ofScripts(array $keys): array
    {
        return array_fill_keys(array_map(static fn(string $key): string => "common.script.{$key}", $keys), true);
    }

    /** @return array<string, string> by their key, of all files of words but the framework's own */
    private static function words(): array
    {
        $words = [];
        foreach (glob(dirname(__DIR__, 2).'/lang/en/*.php') ?: [] as $file) {
            $of = basename($file, '.php');
            foreach ($of === 'validation' ? [] : (array) require $file as $section => $lines) {
                foreach ((array) $lines as $key => $line) {
                    $words["{$of}.{$section}.{$key}"] = (string) $line;
                }
            }
        }

        return $words;
    }

    /** @return list<string> */
    private static function wordsOfView(string $blade): array
    {
        $echoed = [];
        $take = static function (array $at) use (&$echoed): string {
            $echoed[] = $at[0];

            return "\u{E000}";
        };
        $html = preg_replace(['/\{\{--.*?--\}\}/s', '/<(script|style)\b.*?<\/\1>/s'], '', $blade) ?? '';
        $html = preg_replace_callback('/@php\b.*?@endphp|\{\{.*?\}\}|\{!!.*?!!\}/s', $take, $html) ?? '';
        $html = preg_replace_callback('/(?<![\w@])@[a-zA-Z]+\s*(\((?:[^()\'"]++|\'(?:\\\\.|[^\'])*\'|"(?:\\\\.|[^"])*"|(?1))*\))?/', $take, $html) ?? '';
        preg_match_all('/\s(?:title|alt|placeholder|aria-label|aria-description|data-does|data-says|data-keynote|data-acts|label|about|summary)="([^"]*)"/', $html, $attributes);
        $texts = preg_split('/<[a-zA-Z\/!](?:"[^"]*"|\'[^\']*\'|[^\'">])*>/', $html) ?: [];
        $found = [];
        foreach ([...$texts, ...$attributes[1]] as $text) {
            $text = trim(html_entity_decode(str_replace("\u{E000}", ' ', $text)));
            if (preg_match('/\p{L}{2,}/u', $text) === 1 && preg_match(self::SAME_EVERYWHERE, $text) !== 1) {
                $found[] = $text;
            }
        }
        foreach ($echoed as $code) {
            array_push($found, ...self::sentences("<?php {$code}"));
        }

        return $found;
    }

    /** @return list<string> strings of a program that a person would read: two words or more beside each other */
    private static function sentences(string $php): array
    {
        $php = preg_replace('/(new [\w\\\\]*(Logic|Runtime|UnexpectedValue|InvalidArgument|Json|OutOfBounds)Exception)\((?:[^()]++|(\((?:[^()]++|(?3))*\)))*\)/', '$1()', $php) ?? $php;
        $found = [];
        foreach (self::strings($php) as $text) {
            $beside = preg_match('/\p{L}{2,}[,;:]? (?:\S*#\S* )?\p{L}{2,}/u', $text) === 1;
            // The beginning of one that is put together: a word with its colon or full stop, a name with a figure.
            $begun = preg_match('/^\p{Lu}\p{Ll}+(: ?|\.| #|: #)/u', $text) === 1;
            // A word beside something that is put in: "# garments", "# #: counted.", "after #".
            $around = preg_match('/#:? \p{Ll}{4,}|^\p{Ll}{4,} #/u', $text) === 1;
            if (($beside || $begun || $around) && ! self::isCode($text)) {
                $found[] = $text;
            }
        }

        return $found;
    }

    /** A string in single quotes says what stands in it, letter by letter. */
    #[Test]
    public function nothing_is_meant_to_be_put_in_where_nothing_is(): void
    {
        $found = [];
        foreach (self::files('app', '.php') as $file) {
            foreach (token_get_all((string) file_get_contents($file)) as $token) {
                if (is_array($token) && $token[0] === T_CONSTANT_ENCAPSED_STRING && str_starts_with($token[1], "'")) {
                    $found[] = [$file, $token[1]];
                }
            }
        }
        // In a view they may stand within an attribute.
        foreach (self::files('resources/views', '.blade.php') as $file) {
            preg_match_all("/'[^'\"\\n]*'/", (string) file_get_contents($file), $literal);
            foreach ($literal[0] as $one) {
                $found[] = [$file, $one];
            }
        }
        self::assertGreaterThan(5000, count($found));
        $found = array_filter($found, static fn(array $one): bool => preg_match('/\{\$[a-z]/', $one[1]) === 1);
        $found = array_values(array_map(static fn(array $one): string => self::short($one[0]).": {$one[1]}", $found));
        self::assertSame([], $found);
    }

    /** @return list<string> strings of a program; what is put into one is a # */
    private static function strings(string $php): array
    {
        $strings = [];
        $within = null;
        foreach (token_get_all($php) as $token) {
            [$kind, $text] = is_array($token) ? $token : [null, $token];
            if ($token === '"' || $kind === T_START_HEREDOC || $kind === T_END_HEREDOC) {
                if ($within !== null) {
                    $strings[] = $within;
                }
                $within = $within === null ? '' : null;
            } elseif ($kind === T_CONSTANT_ENCAPSED_STRING && $within === null) {
                $strings[] = trim($text, "'\"");
            } elseif ($kind === T_ENCAPSED_AND_WHITESPACE) {
                $within .= $text;
            } elseif ($within !== null && ! str_ends_with($within, '#')) {
                $within .= '#';
            }
        }

        return $strings;
    }

    /** A query, an expression, names of styles. */
    private static function isCode(string $text): bool
    {
        return preg_match('/^\s*\(?(select|from|where|max|min|sum|count|case|coalesce|exists|join|and|or|straight_join|group by|order by|update|delete|set|show|create|greatest|least|json_\w+|if)\b[ (]/i', $text) === 1
            || preg_match('/^(text|attachment|No space left on device)|insert into|table_type|is not null|\w\.\w+, | as \w+#?$|\b(in|when|then) \?|\.\w+ (=|is|in|desc|asc)|->|=>|::|[<>{}]|^(max|public|private|no)[-,=]/', $text) === 1
            || preg_match('/(^| )(btn|text-\w+|mt-\d|mb-\d|px-\d|py-\d|border\S*|flex|grid|block|whitespace-\w+|font-\w+|w-\w+|ml-\w+|col-span\S*|w-full|note-\w+|bg-\S+)( |$)/', $text) === 1;
    }

    private static function isForMachines(string $file): bool
    {
        return array_filter(self::FOR_MACHINES, static fn(string $part): bool => str_contains($file, $part)) !== [];
    }

    private static function short(string $file): string
    {
        return substr($file, strlen(dirname(__DIR__, 2)) + 1);
    }

    /** @return list<string> */
    private static function files(string $under, string $ending): array
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$under}")) as $file) {
            if (str_ends_with((string) $file, $ending)) {
                $files[] = (string) $file;
            }
        }
        sort($files);

        return $files;
    }
}
