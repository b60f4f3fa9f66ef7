<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** The ways in which an option is offered and not ordered. */
final class Invitation
{
    private const WAYS = [
        'if you like', 'if you wish', 'if that suits you', 'if it appeals', 'as suits you', 'as you please', 'does very well', 'works as well', 'work as well', 'as you like', 'as you wish', 'if it is there', 'if that is there', 'is fine', 'is plenty', 'will do', 'is enough',
        'you may', 'may stay', 'may lie', 'may rest', 'may help', 'can stay', 'can rest', 'or stay', 'or leave', 'or rest', 'or only', 'or just', 'or keep', 'whichever', 'as far as', 'as high as', 'as low as',
        'perhaps', 'maybe', 'your choice', 'you choose', 'choose', 'no need', 'nobody has to', 'nothing has to', 'feel free', 'just as good', 'is welcome', 'are welcome',
        'when you want', 'whenever', 'where it is easy', 'if it is easy', 'if that is easy', 'if you can', 'if you would', 'could', 'some of you', 'smaller', 'instead',
    ];

    /** Invitations that can stand for each other, word for word. */
    private const EQUALS = [
        ['is plenty', 'is enough', 'will do', 'does very well'],
        ['is fine', 'is good', 'is welcome', 'works as well'],
        ['are fine', 'are good', 'are welcome', 'work as well'],
        ['if you like', 'if you wish', 'if that suits you', 'if it appeals'],
        ['as you like', 'as you wish', 'as suits you', 'as you please'],
        ['as far as is easy', 'as far as is comfortable', 'within what is easy', 'as far as it goes well'],
        ['as high as is easy', 'as high as is comfortable', 'as high as goes well', 'within what is easy'],
    ];
    private const CHOICE = '/\\bor\\b|\\bif (the|it|that|they|your|any)\\b|\\b(is|are) (good|fine)\\b|\\bneeds? not\\b|\\bis needed\\b|\\bnone\\b|\\bas (much|little|small|wide|light|lightly|near|close) as\\b|\\bthan (is )?(easy|as is)\\b|\\bthat is all\\b|\\bas (it|they) likes?\\b|\\bonly (think|the thought)\\b|\\bas is easy\\b/i';

    /** @var array<string, list<string>> what was found in words before: a class says the same ones again */
    private static array $found = [];

    /** @var array<string, list<string>> the same of those that have equals */
    private static array $exchangeable = [];

    private static ?string $anyWay = null;
    private static ?string $anyEqual = null;

    /** @return list<string> the invitations in some words */
    public static function in(string $words): array
    {
        return self::$found[$words] ??= self::find(mb_strtolower($words));
    }

    /** @return list<string> */
    private static function find(string $words): array
    {
        // Most sentences invite to nothing: one look tells, instead of one for each way.
        self::$anyWay ??= self::any(self::WAYS);
        if (preg_match(self::$anyWay, $words) !== 1) {
            return [];
        }

        return array_values(array_filter(self::WAYS, static fn (string $way): bool => str_contains($words, $way)));
    }

    /**
     * Others that say the same as one, itself first.
     *
     * @return non-empty-list<string>
     */
    public static function equalsOf(string $invitation): array
    {
        foreach (self::EQUALS as $equals) {
            if (in_array($invitation, $equals, true)) {
                return [$invitation, ...array_values(array_diff($equals, [$invitation]))];
            }
        }

        return [$invitation];
    }

    /** @return list<string> those with others that say the same, in some words */
    public static function exchangeable(string $words): array
    {
        if (isset(self::$exchangeable[$words])) {
            return self::$exchangeable[$words];
        }
        self::$anyEqual ??= self::any(array_merge(...self::EQUALS));
        $isIn = preg_match(self::$anyEqual, $words) === 1;

        return self::$exchangeable[$words] = $isIn ? array_values(array_filter(array_merge(...self::EQUALS), static fn (string $way): bool => str_contains($words, $way))) : [];
    }

    /** @param list<string> $ways */
    private static function any(array $ways): string
    {
        return '/' . implode('|', $ways) . '/';
    }

    /** Whether words leave a choice: an invitation, another way beside the one that is told, or a measure that is one's own. */
    public static function leavesChoice(string $words): bool
    {
        return self::in($words) !== [] || preg_match(self::CHOICE, $words) === 1;
    }
}
