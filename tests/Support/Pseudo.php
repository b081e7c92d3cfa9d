<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * A language that nobody speaks, made of the first one: every letter has a mark and every line is four tenths longer.
 * What is without marks on a page was never given to be translated; what runs out of its place would do so in another
 * language.
 */
final class Pseudo
{
    public const CODE = 'en-XA';
    /** The same words in a language that is read from right to left. */
    public const RIGHT_TO_LEFT = 'ar';

    private const MARKED = [
        'a' => 'á', 'b' => 'ḃ', 'c' => 'ç', 'd' => 'ḋ', 'e' => 'é', 'f' => 'ḟ', 'g' => 'ğ', 'h' => 'ĥ', 'i' => 'í', 'j' => 'ĵ',
        'k' => 'ķ', 'l' => 'ļ', 'm' => 'ṁ', 'n' => 'ñ', 'o' => 'ó', 'p' => 'ṗ', 'q' => 'ʠ', 'r' => 'ŕ', 's' => 'š', 't' => 'ţ',
        'u' => 'ú', 'v' => 'ṽ', 'w' => 'ŵ', 'x' => 'ẋ', 'y' => 'ý', 'z' => 'ž',
        'A' => 'Á', 'B' => 'Ḃ', 'C' => 'Ç', 'D' => 'Ḋ', 'E' => 'É', 'F' => 'Ḟ', 'G' => 'Ğ', 'H' => 'Ĥ', 'I' => 'Í', 'J' => 'Ĵ',
        'K' => 'Ķ', 'L' => 'Ļ', 'M' => 'Ṁ', 'N' => 'Ñ', 'O' => 'Ó', 'P' => 'Ṗ', 'Q' => 'Ǫ', 'R' => 'Ŕ', 'S' => 'Š', 'T' => 'Ţ',
        'U' => 'Ú', 'V' => 'Ṽ', 'W' => 'Ŵ', 'X' => 'Ẋ', 'Y' => 'Ý', 'Z' => 'Ž',
    ];
    private const LONGER = 0.4;
    private const FILLING = 'ẽ';

    /** Writes it into a folder of languages, beside those of the application. */
    public static function write(string $folder, string $code = self::CODE): void
    {
        if (! is_dir("{$folder}/{$code}")) {
            mkdir("{$folder}/{$code}", 0o755, true);
        }
        foreach (glob(dirname(__DIR__, 2).'/lang/en/*.php') ?: [] as $file) {
            $lines = self::lines((array) require $file);
            file_put_contents("{$folder}/{$code}/".basename($file), "<?php\n\nreturn ".var_export($lines, true).";\n");
        }
    }

    public static function line(string $words): string
    {
        $at = 0;
        // What stands before a bar is a key to press, and read by the script.
        $marked = self::marked($words, $at);
        $long = (int) ceil(self::LONGER * mb_strlen(preg_replace('/\{.*\}/', '', $words) ?? $words));

        return $long === 0 ? $marked : $marked.' '.trim(chunk_split(str_repeat('~', $long), 7, ' '));
    }

    /**
     * @param array<array-key, mixed> $lines
     *
     * @return array<array-key, mixed>
     */
    private static function lines(array $lines): array
    {
        return array_map(
            static fn(mixed $line): mixed => is_array($line)
                ? self::lines($line)
                : str_replace('~', self::FILLING, self::line((string) $line)),
            $lines,
        );
    }

    /** Words up to the brace that ends them; what is put in, and what a choice goes by, stay. */
    private static function marked(string $words, int &$at): string
    {
        $out = '';
        while ($at < strlen($words) && $words[$at] !== '}') {
            if (preg_match('/\G:[a-z_]+/', $words, $framework, 0, $at) === 1) {
                $out .= $framework[0];
                $at += strlen($framework[0]);
            } elseif (preg_match('/\G\{\s*\w+\s*\}/', $words, $plain, 0, $at) === 1) {
                $out .= $plain[0];
                $at += strlen($plain[0]);
            } elseif (preg_match('/\G\{\s*\w+\s*,\s*\w+\s*,/', $words, $choice, 0, $at) === 1) {
                $out .= $choice[0];
                $at += strlen($choice[0]);
                while (preg_match('/\G\s*=?\w+\s*\{/', $words, $branch, 0, $at) === 1) {
                    $at += strlen($branch[0]);
                    $out .= $branch[0].self::marked($words, $at).'}';
                    $at++;
                }
                preg_match('/\G\s*\}/', $words, $end, 0, $at);
                $out .= '}';
                $at += strlen($end[0] ?? '');
            } else {
                $out .= self::MARKED[$words[$at]] ?? $words[$at];
                $at++;
            }
        }

        return $out;
    }
}
