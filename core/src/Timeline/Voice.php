<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Movement\Cue;
use KindChair\Movement\Invitation;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\Refinement;
use KindChair\Movement\RefinementKind;
use KindChair\Movement\Variation;
use KindChair\Plan\Settings;

/** What has been said in a class so far, so that no refinement is said twice and no invitation more than three times. */
final class Voice
{
    /** How often one sentence, or one invitation, is said in a class. */
    public const AT_MOST = 3;

    /** @var array<string, true> refinements that were said */
    private array $said = [];

    /** @var array<string, int> how often each invitation was made */
    private array $invited = [];

    /** @var array<string, int> how often each sentence was said */
    private array $heard = [];

    /** @var array<string, int> the same before the entry that is spoken now */
    private array $heardBefore = [];

    /** @var array<string, list<Refinement>> what may be said of a rung on a base, whoever asks first */
    private array $refinements = [];

    /** @var array<string, int> tenths of a second that words take which were measured before */
    private array $takes = [];

    /** @var array<string, int> how often each of several ways to say the same was taken */
    private array $taken = [];

    /** @param bool $isMute for who asks only how long something takes: words are neither found nor counted */
    public function __construct(public readonly Settings $settings, public readonly bool $isMute = false)
    {
    }

    /** Tenths of a second that words take. */
    public function speaking(string $words): int
    {
        return $this->takes[$words] ??= $this->settings->speaking(Cue::wordCount($words));
    }

    /** An entry begins: what it may still say is decided once, so that its second side has as many words as its first. */
    public function begin(): void
    {
        $this->heardBefore = $this->heard;
    }

    /** Whether something would be said more than three times, if an entry said it once in each of its passes. */
    public function isTired(string $words, int $passes): bool
    {
        return ($this->heardBefore[$words] ?? 0) + min($passes, self::AT_MOST) > self::AT_MOST;
    }

    /** Words as they are said: counted, and with another invitation in place of one that was made three times. */
    public function says(string $words): string
    {
        if ($words === '' || $this->isMute) {
            return '';
        }
        foreach (Invitation::exchangeable($words) as $invitation) {
            $fresh = array_filter(Invitation::equalsOf($invitation), fn (string $one): bool => ($this->invited[$one] ?? 0) < self::AT_MOST);
            $words = str_replace($invitation, $fresh === [] ? $invitation : $fresh[array_key_first($fresh)], $words);
        }
        $this->heard[$words] = ($this->heard[$words] ?? 0) + 1;
        foreach (Invitation::in($words) as $invitation) {
            $this->invited[$invitation] = ($this->invited[$invitation] ?? 0) + 1;
        }

        return $words;
    }

    /**
     * Of several ways to say the same, the one that was taken least.
     *
     * @param non-empty-list<string> $ways
     */
    public function oneOf(array $ways): string
    {
        $least = $ways[0];
        foreach ($ways as $way) {
            $least = ($this->taken[$way] ?? 0) < ($this->taken[$least] ?? 0) ? $way : $least;
        }
        $this->taken[$least] = ($this->taken[$least] ?? 0) + 1;

        return $least;
    }

    /**
     * A refinement that has not been said in this class and fits; null when quiet is better. The order follows the entry's own seed.
     *
     * @param int $room tenths of a second in which it is said
     * @param list<RefinementKind> $kinds those that may be said here; any if none is named
     */
    public function refinement(Movement $movement, Variation $variation, MainBase $base, string $seed, Pass $pass, int $room, array $kinds = []): ?string
    {
        $found = $rank = null;
        if ($this->settings->simpleWords || $this->isMute) {
            return null;
        }
        foreach ($this->refinements["$movement->id/$variation->id/$base->value"] ??= $movement->refinementsFor($variation, $base) as $one) {
            $isUnasked = !$this->settings->invites && in_array($one->kind, [RefinementKind::Option, RefinementKind::Permission], true);
            if (isset($this->said[$one->words]) || $isUnasked || $kinds !== [] && !in_array($one->kind, $kinds, true)) {
                continue;
            }
            $its = crc32("$seed $one->words");
            if (($rank === null || $its < $rank) && $this->speaking($one->words) <= $room && $this->mayInvite($one)) {
                [$found, $rank] = [$one, $its];
            }
        }
        if ($found === null) {
            return null;
        }
        $this->said[$found->words] = true;

        return $this->says($found->say($pass->side, $pass->direction, $pass->crossing));
    }

    private function mayInvite(Refinement $one): bool
    {
        foreach (Invitation::in($one->words) as $invitation) {
            if (($this->invited[$invitation] ?? 0) >= self::AT_MOST) {
                return false;
            }
        }

        return true;
    }
}
