<?php

declare(strict_types=1);

namespace KindChair\Format;

/**
 * Text that is what it looks like. Control characters do not print, and direction characters (Unicode Standard
 * Annex 9) make text read otherwise than it is stored: a name, or a caution, could be turned round by them.
 */
final class PlainText
{
    private const HIDDEN = '/[\x{0}-\x{8}\x{B}\x{C}\x{E}-\x{1F}\x{7F}-\x{9F}\x{61C}\x{200E}\x{200F}\x{2028}-\x{202E}\x{2066}-\x{2069}\x{FFF9}-\x{FFFB}]/u';

    /** Whether a text is whole UTF-8 without control characters (but tab and line ends) and without direction characters. */
    public static function is(string $text): bool
    {
        return preg_match(self::HIDDEN, $text) === 0;
    }

    /**
     * @param array<array-key, mixed> $document
     * @throws FormatError at the first text in it that is not
     */
    public static function check(array $document, string $place = ''): void
    {
        foreach ($document as $name => $value) {
            if (is_string($value) && !self::is($value) || is_string($name) && !self::is($name)) {
                throw FormatError::at("$place/$name", 'this text has characters that cannot be seen. Please type it anew.');
            }
            if (is_array($value)) {
                self::check($value, "$place/$name");
            }
        }
    }
}
