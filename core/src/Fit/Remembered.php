<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Movement\JointAngle;
use KindChair\People\WeakLimbDoes;

/**
 * What a group does for each entry, worked out before: an entry that asks the same as it did is not chosen for again. It holds for one
 * group, place and library; whoever keeps it gives it up when any of them changes.
 */
final class Remembered
{
    private const HOLDS = [PersonVersion::class, Mark::class, JointAngle::class, WeakLimbDoes::class, JointAction::class, Side::class, Limb::class];

    /** @var array<string, string> what was known before and asked for again, packed */
    private array $used = [];

    /** @var array<string, list<PersonVersion>> what was asked for this time */
    private array $versions = [];

    /** @param array<string, string> $known versions of the whole group, packed, by what was asked */
    public function __construct(private readonly array $known = [])
    {
    }

    /**
     * @param callable(): list<PersonVersion> $choose
     * @return list<PersonVersion> in the order of the group
     */
    public function of(Assignment $asked, callable $choose): array
    {
        $key = $asked->digest();
        if (isset($this->versions[$key])) {
            return $this->versions[$key];
        }
        if (isset($this->known[$key])) {
            $this->used[$key] = $this->known[$key];
            /** @var list<PersonVersion> $versions */
            $versions = unserialize($this->known[$key], ['allowed_classes' => self::HOLDS]);

            return $this->versions[$key] = $versions;
        }

        return $this->versions[$key] = $choose();
    }

    /** Whether there is something in it that was not known before. */
    public function isNew(): bool
    {
        return count($this->versions) > count($this->used);
    }

    /** @return array<string, string> what was asked for this time; the rest is forgotten */
    public function all(): array
    {
        return $this->used + array_map(serialize(...), array_diff_key($this->versions, $this->used));
    }
}
