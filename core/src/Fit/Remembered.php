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

    /** @var array<string, string> */
    private array $used = [];

    private bool $isNew = false;

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
        $packed = $this->used[$key] ?? $this->known[$key] ?? null;
        if ($packed !== null) {
            $this->used[$key] = $packed;

            /** @var list<PersonVersion> */
            return unserialize($packed, ['allowed_classes' => self::HOLDS]);
        }
        $versions = $choose();
        $this->used[$key] = serialize($versions);
        $this->isNew = true;

        return $versions;
    }

    /** Whether there is something in it that was not known before. */
    public function isNew(): bool
    {
        return $this->isNew;
    }

    /** @return array<string, string> what was asked for this time; the rest is forgotten */
    public function all(): array
    {
        return $this->used;
    }
}
